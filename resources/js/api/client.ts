import type { Clash, Errors } from './types';

/** The application refused: what is wrong by field, or what was changed meanwhile. */
export class Refusal extends Error {
    constructor(
        readonly status: number,
        readonly errors: Errors,
        readonly clashes: Clash[] = [],
    ) {
        super(Object.values(errors).flat().join(' ') || 'The application refused.');
    }
}

/** The application could not be reached; what was typed waits. */
export class LineDown extends Error {}

let kept = '';

/** Read once: reading a cookie makes the page wait, and a session's token holds as long as the session. */
function token(): string {
    kept ||= decodeURIComponent(/(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1] ?? '');
    return kept;
}

export async function send<T>(
    method: string,
    path: string,
    body?: unknown,
    signal?: AbortSignal,
    retry = true,
): Promise<T> {
    const form = body instanceof FormData;
    let response: Response;
    try {
        response = await fetch(`/api/${path}`, {
            method,
            signal,
            headers: {
                Accept: 'application/json',
                'X-XSRF-TOKEN': token(),
                ...(form || body === undefined ? {} : { 'Content-Type': 'application/json' }),
            },
            body: form ? body : body === undefined ? undefined : JSON.stringify(body),
        });
    } catch (error) {
        if (signal?.aborted) throw error;
        throw new LineDown('The application cannot be reached.');
    }
    // A session that ran out hands out a new token with its next answer.
    if (response.status === 419 && retry) {
        await fetch('/api/bench');
        kept = '';
        return send(method, path, body, signal, false);
    }
    if (response.status === 401) {
        window.dispatchEvent(new Event('sign-in-wanted'));
    }
    const answer = await response.json().catch(() => ({}));
    if (!response.ok) {
        if (response.status >= 500 && response.status !== 500)
            throw new LineDown('The application cannot be reached.');
        throw new Refusal(
            response.status,
            answer.errors ?? { _: [answer.message ?? `It answered ${response.status}.`] },
            answer.clashes ?? [],
        );
    }
    return answer as T;
}

export const get = <T>(path: string, signal?: AbortSignal) => send<T>('GET', path, undefined, signal);
export const post = <T>(path: string, body: unknown = {}, signal?: AbortSignal) =>
    send<T>('POST', path, body, signal);
