import type { Change, Clash } from '../api/types';

/** One figure that the application does not have yet. */
export interface Edit {
    from: unknown;
    to: unknown;
    /** Whether it is whole: left, entered, or rested on. Half a figure is reckoned with and never saved. */
    settled: boolean;
}
export type Waiting = Record<string, Edit>;

/** A list on its way: sent again under its key until it is known what became of it. */
export interface Sent {
    key: string;
    changes: Change[];
    /** The page that it was typed on, whose answers come back with it. */
    station?: string | undefined;
}

/** What somebody typed into one job and the application does not have yet. */
export interface Draft {
    waiting: Waiting;
    sent: Sent | null;
    /** What was refused, and why: it goes when the figure changes, and is never sent again by itself. */
    refused: Record<string, { to: unknown; messages: string[] }>;
    clashes: Clash[];
    /** Why it is not saved yet, in words. */
    trouble: string | null;
    notice: string | null;
}

export const NOTHING: Draft = {
    waiting: {},
    sent: null,
    refused: {},
    clashes: [],
    trouble: null,
    notice: null,
};

/** The changes that may be sent: whole ones that were not refused as they stand. */
export function sendable(draft: Draft): Change[] {
    return Object.entries(draft.waiting)
        .filter(([path, edit]) => edit.settled && !isRefused(draft, path))
        .map(([path, { from, to }]) => ({ path, from, to }));
}

export function isRefused(draft: Draft, path: string): boolean {
    return path in draft.refused && draft.refused[path]?.to === draft.waiting[path]?.to;
}

/** Which page of which job is on screen. */
export interface Viewed {
    number: number;
    station?: string | undefined;
    setting?: string | undefined;
}
