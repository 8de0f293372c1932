import type { Job } from '../api/types';

/** A row of one of a job's lists: what it holds, and the key that paths name it by. */
export type Row = { key: string } & Record<string, unknown>;

/** Lists of readings: of each stone, wax and casting. */
export const READINGS = ['stones', 'settings', 'cuts', 'attempts', 'castings', 'parts', 'joints'];

export function rowsOf(job: Job | undefined, group: string): Row[] {
    const document = job?.document as unknown as Record<string, Row[]> | undefined;
    return document?.[group] ?? [];
}

/** What stands at a path of a job's document. */
export function held(job: Job, path: string): unknown {
    const document = job.document as unknown as Record<string, Record<string, unknown>>;
    const [group = '', key = '', name] = path.split('.');
    if (READINGS.includes(group) && name !== undefined)
        return rowsOf(job, group).find((row) => row.key === key)?.[name] ?? null;
    if (group === 'seen' || group === 'ticks') return document[group]?.[key] ?? null;
    return document.decisions?.[path] ?? null;
}

/** Whether a path is of a row that this job no longer has, though it once had it. */
export function isGone(job: Job, path: string): boolean {
    const [group = '', key = '', name] = path.split('.');
    const gone = job.document.gone as Record<string, unknown>;
    return READINGS.includes(group) && name !== undefined && `${group}-${key}` in gone;
}

/** A key for a row that somebody adds here, and nobody elsewhere. */
export function newRowKey(): string {
    const letters = 'abcdefghjkmnpqrstuvwxyz23456789';
    return `k${Array.from(crypto.getRandomValues(new Uint8Array(7)), (byte) => letters[byte % letters.length]).join('')}`;
}

/** A value as it was said, for a line of text. */
export function typedOf(value: unknown): string {
    return value === null || value === undefined
        ? 'empty'
        : typeof value === 'object' && 'typed' in value
          ? String((value as { typed: unknown }).typed)
          : String(value);
}
