import { useQuery, useQueryClient } from '@tanstack/react-query';
import { startTransition, useCallback, useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import { get, post } from '../api/client';
import type { Job, Reading, StationName } from '../api/types';
import { pathWords } from '../shell/catalogue';
import { isRefused, sendable } from './draft';
import { drafts } from './drafts';
import { typedOf } from './held';
import { usePull } from './usePull';
import { useReckoned } from './useReckoned';

const POLL = 5000;

/** What is named of a page, as a query. */
function asked(named: Record<string, string | undefined>): string {
    return new URLSearchParams(
        Object.entries(named).flatMap(([name, value]) => (value === undefined ? [] : [[name, value]])),
    ).toString();
}

/**
 * A job with what is being typed into it: reckoned at once, saved when a figure is left, kept in the browser until the
 * application has it. What was changed elsewhere meanwhile is asked about, never overwritten.
 */
export function useJob(
    number: number,
    station: StationName | undefined,
    setting: string | undefined,
    takeSetting: (key: string) => void,
) {
    const queries = useQueryClient();
    const key = useMemo(() => ['job', number, station ?? '', setting ?? ''], [number, station, setting]);
    const draft = useSyncExternalStore(drafts.subscribe, () => drafts.of(number));
    const [notice, setNotice] = useState<string | null>(null);
    /** Whether the notice is of something taken back, that may be put back. */
    const [undone, setUndone] = useState(false);
    const pending = Object.keys(draft.waiting).length > 0;
    const query = useQuery({
        queryKey: key,
        queryFn: ({ signal }) => get<Job>(`jobs/${number}?${asked({ station, setting })}`, signal),
        refetchInterval: pending ? false : POLL,
        placeholderData: (last) => (last?.number === number ? last : undefined),
    });
    const { live, seen, reckon, forget } = useReckoned(number, station, setting);
    const base = query.data;

    const take = useCallback(
        (job: Job) => {
            const isHere =
                (station === undefined || job.page.station === station) &&
                (setting === undefined || job.page.setting === setting);
            if (isHere) queries.setQueryData(key, job);
            void queries.invalidateQueries({
                queryKey: ['job', number],
                refetchType: isHere ? 'none' : 'active',
            });
            for (const list of ['jobs', 'today'])
                void queries.invalidateQueries({ queryKey: [list], refetchType: 'none' });
            void queries.invalidateQueries({ queryKey: ['history', number] });
        },
        [queries, key, number, station, setting],
    );
    useEffect(() => drafts.onSaved((job) => job.number === number && take(job)), [number, take]);
    useEffect(() => drafts.view({ number, station, setting }), [number, station, setting]);
    // What waits from before is shown as it would be.
    useEffect(() => void reckon(), [reckon]);
    // Who leaves the job leaves the figure.
    useEffect(() => () => drafts.settle(number), [number]);

    const put = useCallback(
        (path: string, to: unknown, settled: boolean) => {
            if (!base) return;
            drafts.edit(number, base, path, to, settled);
            startTransition(() => void reckon());
        },
        [base, number, reckon],
    );
    /** Changes a figure for good: chosen, pulled to, applied. */
    const edit = useCallback((path: string, to: unknown) => put(path, to, true), [put]);
    /** Changes a figure that is still being typed. */
    const type = useCallback((path: string, to: unknown) => put(path, to, false), [put]);
    const settle = useCallback((path: string) => drafts.settle(number, path), [number]);

    /** Does something at once that is not an edit of a figure, when all that was typed has gone before it. */
    const act = useCallback(
        async (path: string, body: Record<string, unknown> = {}): Promise<Job | null> => {
            setNotice(null);
            setUndone(false);
            await drafts.flush(number);
            try {
                const job = await post<Job>(`jobs/${number}/${path}`, { station, setting, ...body });
                forget();
                take(job);
                return job;
            } catch (error) {
                setNotice(error instanceof Error ? error.message : String(error));
                void queries.invalidateQueries({ queryKey: ['job', number] });
                return null;
            }
        },
        [number, station, setting, take, forget, queries],
    );

    /** Signs what is seen: not while anything waits, is refused or clashes, nor what somebody else changed since. */
    const sign = useCallback(
        async (which: string): Promise<void> => {
            const seen = base?.version ?? 0;
            await drafts.flush(number);
            const left = drafts.of(number);
            if (Object.keys(left.waiting).length > 0)
                return setNotice(
                    'Not signed: something typed here is not saved yet. See the figure marked, or the line.',
                );
            const version = drafts.reached(number, seen);
            if (version === null)
                return setNotice('Not signed: the job was changed on another screen. Look at it, then sign.');
            await act(`stations/${which}`, { state: 'signed', version });
        },
        [base, number, act],
    );

    /** Takes back the last thing that this person typed, or puts back what was taken back; says what it was. */
    const turn = useCallback(
        async (way: 'undo' | 'redo'): Promise<void> => {
            const job = await act(way);
            if (!job?.undone) return;
            const words = job.undone
                .filter((change) => !/^\w+\.\w+$/.test(change.path) || !('stands' in change))
                .map(
                    (change) =>
                        `${pathWords(change.path)}, ${typedOf(change.to)} is ${typedOf(change.from)} again`,
                )
                .join('; ');
            setNotice(`${way === 'undo' ? 'Taken back' : 'Put back'}: ${words}.`);
            setUndone(way === 'undo');
        },
        [act],
    );
    const undo = useCallback(() => turn('undo'), [turn]);
    const redo = useCallback(() => turn('redo'), [turn]);

    /** A settled reading of an instrument; null where it is refused, and then it says why. */
    const reading = useCallback(async (device: 'balance' | 'caliper'): Promise<number | null> => {
        setNotice(null);
        try {
            return (await post<Reading>(`devices/${device}/take`)).value;
        } catch (error) {
            setNotice(error instanceof Error ? error.message : String(error));
            return null;
        }
    }, []);

    const answer = useCallback(
        (mine: boolean) => {
            drafts.answer(number, mine);
            void query.refetch();
        },
        [number, query],
    );

    // What follows typing carries the answers of this page alone; the rest stands as it was last seen.
    const shown = useMemo(
        () =>
            pending && live && base
                ? {
                      ...live,
                      ...(base.siblings ? { siblings: base.siblings } : {}),
                      ...(base.quoted ? { quoted: base.quoted } : {}),
                      answers: { ...base.answers, ...live.answers },
                      inputs: { ...base.inputs, ...live.inputs },
                      stations: base.stations.map(
                          (one) => live.stations.find((now) => now.name === one.name) ?? one,
                      ),
                  }
                : base,
        [pending, live, base],
    );
    const pulling = usePull(number, shown, seen, { put, reckon, say: setNotice });
    const errors = useMemo(
        () =>
            Object.fromEntries(
                Object.entries(draft.refused)
                    .filter(([path]) => isRefused(draft, path))
                    .map(([path, one]) => [path, one.messages]),
            ),
        [draft],
    );
    return {
        job: shown,
        base,
        failed: query.error,
        waiting: draft.waiting,
        sending: draft.sent !== null || sendable(draft).length > 0,
        errors,
        clashes: draft.clashes,
        answer,
        trouble: draft.trouble,
        notice: notice ?? draft.notice,
        setNotice: (words: string | null) => {
            setNotice(words);
            drafts.setNotice(number, words);
        },
        edit,
        type,
        settle,
        pulling,
        act,
        undo,
        redo,
        undone: undone && notice !== null,
        sign,
        reading,
        take,
        takeSetting,
        saved: () => drafts.flush(number),
        refetch: query.refetch,
    };
}

export type Work = ReturnType<typeof useJob>;
