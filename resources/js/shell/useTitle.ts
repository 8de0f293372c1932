import { useEffect } from 'react';

/** The browser's title names the page, and the job where it is one's. */
export function useTitle(words: string | undefined) {
    useEffect(() => {
        if (words !== undefined) document.title = `${words} · Hot Sprue`;
    }, [words]);
}
