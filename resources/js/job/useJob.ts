import { useQuery, useQueryClient } from '@tanstack/react-query';
import { startTransition, useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { get, LineDown, post, Refusal } from '../api/client';
import type { Change, Clash, Errors, Job, Kept, Reading, StationName } from '../api/types';

/** A pause that ends an edit: what is typed within it is one entry of the history. */
const PAUSE = 900;
const AGAIN = 4000;
const POLL = 5000;

type Waiting = Record<string, { from: unknown; to: unknown }>;

/** Lists of readings: of each stone, wax and casting. */
export const READINGS = ['stones', 'cuts', 'attempts', 'castings', 'parts', 'joints'];

const kept = (number: number) => `hot-sprue.job.${number}`;

function recall(number: number): Waiting {
    try {
        return JSON.parse(localStorage.getItem(kept(number)) ?? '{}') as Waiting;
    } catch {
        return {};
    }
}

function keep(number: number, waiting: Waiting): void {
    if (Object.keys(waiting).length === 0) localStorage.removeItem(kept(number));
    else localStorage.setItem(kept(number), JSON.stringify(waiting));
}

/** What stands at a path of a job's document. */
export function held(job: Job, path: string): unknown {
    const document = job.document as unknown as Record<string, unknown>;
    const [group = '', index = '', name] = path.split('.');
    if (READINGS.includes(group) && /^\d+$/.test(index)) {
        const row = (document[group] as Record<string, unknown>[])[Number(index)];
        return name === undefined ? row : (row?.[name] ?? null);
    }
    if (group === 'seen' || group === 'ticks')
        return (document[group] as Record<string, unknown>)[index] ?? null;
    return (document.decisions as Record<string, unknown>)[path] ?? null;
}

function without<T>(record: Record<string, T>, key: string): Record<string, T> {
    const rest = { ...record };
    delete rest[key];
    return rest;
}

const list = (waiting: Waiting, errors: Errors): Change[] =>
    Object.entries(waiting)
        .filter(([path]) => !(path in errors))
        .map(([path, { from, to }]) => ({ path, from, to }));

/**
 * A job with its unsaved edits: reckoned as one types, saved after a pause, kept in the browser until the
 * application has them. What was changed elsewhere meanwhile is asked about, never overwritten.
 */
export function useJob(number: number, station: StationName | undefined) {
    const queries = useQueryClient();
    const key = useMemo(() => ['job', number, station ?? ''], [number, station]);
    const [waiting, setWaiting] = useState<Waiting>(() => recall(number));
    const [errors, setErrors] = useState<Errors>({});
    const [clashes, setClashes] = useState<Clash[]>([]);
    const [lineDown, setLineDown] = useState(false);
    const [live, setLive] = useState<{ key: unknown; job: Job } | null>(null);
    const [notice, setNotice] = useState<string | null>(null);
    const pending = Object.keys(waiting).length > 0;
    const query = useQuery({
        queryKey: key,
        queryFn: ({ signal }) => get<Job>(`jobs/${number}${station ? `?station=${station}` : ''}`, signal),
        refetchInterval: pending ? false : POLL,
        placeholderData: (last) => last,
    });
    const inFlight = useRef<AbortController | null>(null);
    const saving = useRef(false);
    /** What was last sent to be reckoned. */
    const asked = useRef<Waiting | null>(null);
    const latest = useRef({ waiting, errors });
    useEffect(() => {
        latest.current = { waiting, errors };
    }, [waiting, errors]);

    const take = useCallback(
        (job: Job) => {
            queries.setQueryData(key, job);
            void queries.invalidateQueries({ queryKey: ['job', number], refetchType: 'none' });
            void queries.invalidateQueries({ queryKey: ['jobs'] });
            void queries.invalidateQueries({ queryKey: ['today'] });
            void queries.invalidateQueries({ queryKey: ['history', number] });
        },
        [queries, key, number],
    );

    const refused = useCallback((wrong: Errors) => {
        setErrors((now) => {
            const next = { ...now, ...wrong };
            delete next._;
            return next;
        });
        if (wrong._) setNotice(wrong._.join(' '));
    }, []);

    const reckon = useCallback(
        async (changes: Waiting, known: Errors): Promise<void> => {
            inFlight.current?.abort();
            const controller = new AbortController();
            inFlight.current = controller;
            const ask = async (wrong: Errors): Promise<void> => {
                try {
                    const body = { changes: list(changes, wrong), station, page: true };
                    setLive({ key, job: await post<Job>(`jobs/${number}/reckon`, body, controller.signal) });
                } catch (error) {
                    if (controller.signal.aborted) return;
                    if (error instanceof LineDown) setLineDown(true);
                    if (!(error instanceof Refusal && error.status === 422)) return;
                    refused(error.errors);
                    // The rest is reckoned without the figure that is wrong.
                    if (Object.keys(error.errors).some((path) => path in changes && !(path in wrong)))
                        await ask({ ...wrong, ...error.errors });
                }
            };
            asked.current = changes;
            await ask(known);
        },
        [number, station, key, refused],
    );

    const save = useCallback(async () => {
        const { waiting: sent, errors: wrong } = latest.current;
        const changes = list(sent, wrong);
        if (saving.current || changes.length === 0) return;
        saving.current = true;
        try {
            const job = await post<Job>(`jobs/${number}/changes`, { changes, station });
            setLineDown(false);
            take(job);
            setWaiting((now) => {
                const rest: Waiting = {};
                for (const [path, change] of Object.entries(now)) {
                    if (path in wrong) rest[path] = change;
                    else if (sent[path] === undefined) rest[path] = change;
                    // Typed on while it was being saved: what was saved is what it now changes from.
                    else if (sent[path]?.to !== change.to)
                        rest[path] = { from: held(job, path), to: change.to };
                }
                return rest;
            });
        } catch (error) {
            if (error instanceof LineDown) setLineDown(true);
            else if (error instanceof Refusal && error.status === 409) setClashes(error.clashes);
            else if (error instanceof Refusal) refused(error.errors);
        } finally {
            saving.current = false;
        }
    }, [number, station, take, refused]);

    // What is typed outlives the page and the line.
    useEffect(() => {
        keep(number, waiting);
    }, [waiting, number]);

    useEffect(() => {
        if (Object.keys(waiting).length === 0) return;
        if (asked.current !== waiting) void reckon(waiting, latest.current.errors);
        if (clashes.length > 0) return;
        const timer = setTimeout(() => void save(), lineDown ? AGAIN : PAUSE);
        return () => clearTimeout(timer);
    }, [waiting, reckon, save, clashes, lineDown]);

    useEffect(() => {
        if (!lineDown) return;
        const again = setInterval(() => void save(), AGAIN);
        const online = () => void save();
        window.addEventListener('online', online);
        return () => {
            clearInterval(again);
            window.removeEventListener('online', online);
        };
    }, [lineDown, save]);

    const base = query.data;
    const edit = useCallback(
        (path: string, to: unknown) => {
            if (!base) return;
            setErrors((now) => (path in now ? without(now, path) : now));
            const now = latest.current.waiting;
            const from = now[path] ? now[path].from : held(base, path);
            const was = (from as Kept | null)?.typed ?? null;
            const rest = without(now, path);
            const next =
                to === was || (to === null && from === null) ? rest : { ...rest, [path]: { from, to } };
            const known = without(latest.current.errors, path);
            latest.current = { waiting: next, errors: known };
            keep(number, next);
            // The figure in hand shows what is typed by itself; the rest of the page may come after the answer.
            startTransition(() => setWaiting(next));
            if (Object.keys(next).length > 0) void reckon(next, known);
        },
        [base, number, reckon],
    );

    /** Does something at once that is not an edit of a figure: signing, undo, closing. */
    const act = useCallback(
        async (path: string, body: Record<string, unknown> = {}): Promise<boolean> => {
            setNotice(null);
            await save();
            try {
                const job = await post<Job>(`jobs/${number}/${path}`, { station, ...body });
                take(job);
                setLive(null);
                return true;
            } catch (error) {
                setNotice(error instanceof Error ? error.message : String(error));
                return false;
            }
        },
        [number, station, save, take],
    );

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

    const settle = useCallback(
        (mine: boolean) => {
            setWaiting((now) => {
                const next = { ...now };
                for (const clash of clashes) {
                    const edited = next[clash.path];
                    delete next[clash.path];
                    if (mine && edited) next[clash.path] = { from: clash.present, to: edited.to };
                }
                return next;
            });
            setClashes([]);
            void query.refetch();
        },
        [clashes, query],
    );

    // What follows typing carries the answers of this page alone; the rest stands as it was last seen.
    const shown = useMemo(
        () =>
            pending && live?.key === key && base
                ? {
                      ...live.job,
                      answers: { ...base.answers, ...live.job.answers },
                      inputs: { ...base.inputs, ...live.job.inputs },
                  }
                : base,
        [pending, live, key, base],
    );
    return {
        job: shown,
        base,
        failed: query.error,
        waiting,
        errors,
        clashes,
        settle,
        lineDown,
        notice,
        setNotice,
        edit,
        act,
        reading,
        take,
        refetch: query.refetch,
    };
}

export type Work = ReturnType<typeof useJob>;
