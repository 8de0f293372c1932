import { useEffect } from 'react';

/** What the page is called, and whether an alarm stands: both are in the browser's title. */
const now = { words: '', isAlarm: false };

function say() {
    document.title = `${now.isAlarm ? 'ALARM · ' : ''}${now.words ? `${now.words} · ` : ''}Hot Sprue`;
}

/** The browser's title names the page, and the job where it is one's. */
export function useTitle(words: string | undefined) {
    useEffect(() => {
        if (words === undefined) return;
        now.words = words;
        say();
    }, [words]);
}

/** An alarm stands in the title until somebody has seen to it. */
export function useAlarmInTitle(isAlarm: boolean) {
    useEffect(() => {
        now.isAlarm = isAlarm;
        say();
    }, [isAlarm]);
}
