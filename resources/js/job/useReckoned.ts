import { useCallback, useEffect, useRef, useState } from 'react';
import { post, Refusal } from '../api/client';
import type { Errors, Job, StationName } from '../api/types';
import type { Waiting } from './draft';
import { drafts } from './drafts';

/** A pause on a figure that is understood ends its edit. */
const REST = 2500;

/** The job's answers with what is being typed, asked for at once; an earlier answer that comes late is let go. */
export function useReckoned(number: number, station: StationName | undefined, setting: string | undefined) {
    const [live, setLive] = useState<{ at: string; job: Job; seen: Waiting } | null>(null);
    const at = `${station ?? ''} ${setting ?? ''}`;
    const inFlight = useRef<AbortController | null>(null);
    const rest = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);
    useEffect(
        () => () => {
            inFlight.current?.abort();
            clearTimeout(rest.current);
        },
        [number],
    );
    const reckon = useCallback(async () => {
        inFlight.current?.abort();
        clearTimeout(rest.current);
        const controller = new AbortController();
        inFlight.current = controller;
        const { waiting } = drafts.of(number);
        const ask = async (wrong: Errors): Promise<Job | null> => {
            const changes = Object.entries(waiting)
                .filter(([path]) => !(path in wrong))
                .map(([path, { from, to }]) => ({ path, from, to }));
            try {
                const body = { changes, station, setting, page: true };
                const job = await post<Job>(`jobs/${number}/reckon`, body, { signal: controller.signal });
                if (controller.signal.aborted) return null;
                setLive({ at, job, seen: waiting });
                rest.current = setTimeout(() => rested(number, waiting, wrong), REST);
                return job;
            } catch (error) {
                if (controller.signal.aborted) return null;
                if (!(error instanceof Refusal && error.status === 422)) return null;
                drafts.refuse(number, waiting, error.errors);
                // The rest is reckoned without the figure that is wrong.
                if (Object.keys(error.errors).some((path) => path in waiting && !(path in wrong)))
                    return ask({ ...wrong, ...error.errors });
                return null;
            }
        };
        return Object.keys(waiting).length > 0 ? ask({}) : null;
    }, [number, station, setting, at]);
    const here = live?.at === at ? live : null;
    return { live: here?.job, seen: here?.seen, reckon, forget: () => setLive(null) };
}

/** What was understood and still stands is meant. */
function rested(number: number, seen: Waiting, wrong: Errors) {
    for (const [path, edit] of Object.entries(drafts.of(number).waiting))
        if (!(path in wrong) && seen[path]?.to === edit.to) drafts.settle(number, path);
}
