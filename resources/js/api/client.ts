import { isOnce, isWhole } from './answers';
import { answered, keyOf } from './keys';
import type { Clash, Errors, Known } from './types';

/** The application refused: what is wrong by field, what was changed meanwhile, or who is known already. */
export class Refusal extends Error {
    constructor(
        readonly status: number,
        readonly errors: Errors,
        readonly clashes: Clash[] = [],
        readonly known: Known | null = null,
    ) {
        super(Object.values(errors).flat().join(' ') || 'The application refused.');
    }
}

/** The application could not be reached, or what it said did not arrive whole; what was typed waits. */
export class OfflineError extends Error {}

/** Something went wrong inside; nothing was changed, and it is tried again. */
export class Trouble extends Error {}

const AGAIN = 3000;
const ASKED = 20;

interface Options {
    signal?: AbortSignal | undefined;
    /** The key of a request that was sent before. */
    key?: string;
    /** Whether a lost answer is asked after; whoever keeps the request itself asks in its own time. */
    ask?: boolean;
}

/** Sends one request and checks its answer. */
async function once<T>(
    method: string,
    path: string,
    body: unknown,
    key: string | null,
    signal?: AbortSignal,
): Promise<T> {
    const form = body instanceof FormData;
    let response: Response;
    let text: string;
    try {
        response = await fetch(`/api/${path}`, {
            method,
            signal: signal ?? null,
            headers: {
                Accept: 'application/json',
                ...(key ? { 'Idempotency-Key': key } : {}),
                ...(form || body === undefined ? {} : { 'Content-Type': 'application/json' }),
            },
            body: form ? body : body === undefined ? null : JSON.stringify(body),
        });
        // An answer that breaks off after its headers is no answer.
        text = await response.text();
    } catch (error) {
        if (signal?.aborted) throw error;
        throw new OfflineError('The application cannot be reached.');
    }
    let answer: Record<string, unknown>;
    try {
        answer = JSON.parse(text) as Record<string, unknown>;
    } catch {
        throw new OfflineError('The application’s answer did not arrive whole.');
    }
    if (response.status === 401) window.dispatchEvent(new Event('sign-in-wanted'));
    if (response.ok) {
        if (!isWhole(method, path, answer))
            throw new OfflineError('The application’s answer is not what it should be.');
        return answer as T;
    }
    const errors = (answer.errors ?? { _: [`It answered ${response.status}.`] }) as Errors;
    if (response.status >= 500) throw new Trouble(Object.values(errors).flat().join(' '));
    throw new Refusal(
        response.status,
        errors,
        (answer.clashes ?? []) as Clash[],
        (answer.known ?? null) as Known | null,
    );
}

const pause = (time: number) => new Promise((resolve) => setTimeout(resolve, time));

/** What became of a request whose answer was lost: what it was answered, or nothing where it was never done. */
async function became<T>(key: string): Promise<T | null> {
    for (let asked = 0; asked < ASKED; asked++) {
        await pause(AGAIN);
        try {
            return await once<T>('GET', `requests/${key}`, undefined, null);
        } catch (error) {
            if (error instanceof Refusal && error.status === 404) return null;
            if (!(error instanceof OfflineError || error instanceof Trouble)) throw error;
        }
    }
    throw new OfflineError('The application cannot be reached; whether this was done shows when it can.');
}

export async function send<T>(
    method: string,
    path: string,
    body?: unknown,
    options: Options = {},
): Promise<T> {
    const { signal, ask = true } = options;
    const key = isOnce(method, path) ? (options.key ?? keyOf(method, path, body)) : null;
    try {
        return await once<T>(method, path, body, key, signal);
    } catch (error) {
        if (!(error instanceof OfflineError) || key === null || !ask) throw error;
        window.dispatchEvent(new Event('answer-lost'));
        return (await became<T>(key)) ?? (await once<T>(method, path, body, key, signal));
    } finally {
        if (key !== null) {
            answered(key);
            window.dispatchEvent(new Event('answer-found'));
        }
    }
}

export const get = <T>(path: string, signal?: AbortSignal) => send<T>('GET', path, undefined, { signal });
export const post = <T>(path: string, body: unknown = {}, options: Options = {}) =>
    send<T>('POST', path, body, options);
