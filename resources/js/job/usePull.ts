import { useCallback, useEffect, useRef, useState } from 'react';
import type { Job } from '../api/types';
import type { Waiting } from './draft';
import { drafts } from './drafts';

/** Whether a page has what it is drawn by. */
export const isDrawn = (job: Job) => job.page.views.some((view) => view.role === 'main');

/**
 * A dimension that is pulled: it goes as far as there is something to draw. Let go beyond that, it stands at the last
 * shape that could be drawn, and says why; what could not be drawn is never saved.
 */
export function usePull(
    number: number,
    shown: Job | undefined,
    seen: Waiting | undefined,
    {
        put,
        reckon,
        say,
    }: {
        put: (path: string, to: unknown, settled: boolean) => void;
        reckon: () => Promise<Job | null>;
        say: (words: string) => void;
    },
) {
    const [pulled, setPulled] = useState<string | null>(null);
    const good = useRef<unknown>(null);
    const [views, setViews] = useState<Job['page']['views'] | null>(null);
    const refused = pulled !== null && drafts.of(number).refused[pulled] !== undefined;
    const stands = shown && isDrawn(shown) && !refused ? shown.page.views : null;
    if (pulled !== null && stands && stands !== views) setViews(stands);
    useEffect(() => {
        if (pulled !== null && stands && seen?.[pulled]) good.current = seen[pulled].to;
    }, [seen, pulled, stands]);

    const pull = useCallback(
        (path: string, to: string, from: unknown) => {
            if (pulled !== path) {
                good.current = from === undefined ? null : String(from);
                setPulled(path);
                setViews(stands);
            }
            put(path, to, false);
        },
        [pulled, put, stands],
    );
    const drop = useCallback(
        async (path: string) => {
            const last = drafts.of(number).waiting[path]?.to;
            if (last !== undefined) {
                const job = await reckon();
                const why = drafts.of(number).refused[path];
                const wrong = why && why.to === last ? why.messages : Object.values(job?.errors ?? {}).flat();
                if (job !== null && isDrawn(job) && wrong.length === 0) drafts.settle(number, path);
                else if (drafts.of(number).waiting[path]?.to === last) {
                    put(path, good.current, true);
                    say(`It stops at ${String(good.current)}: ${wrong.join(' ')}`);
                }
            }
            setPulled(null);
        },
        [number, put, reckon, say],
    );
    return { pull, drop, views: pulled === null ? null : views };
}
