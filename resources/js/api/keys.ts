/** So long after its answer a press that is the same in all is the same press, ms: a hand that was not sure. */
const SAME = 1500;

/** What is meant anew each time, however soon: one more step back or forth, one more look at a device. */
const EACH = /\/(undo|redo)$|^devices\//;

/** A key of its own for a request that makes or moves something. */
export function newKey(): string {
    const bytes = crypto.getRandomValues(new Uint8Array(16));
    return Array.from(bytes, (byte) => byte.toString(16).padStart(2, '0')).join('');
}

/** What a request asks for, so that two can be told apart: a file by its name, length and day. */
function print(method: string, path: string, body: unknown): string {
    const said =
        body instanceof FormData
            ? [...body].map(([name, value]) =>
                  value instanceof File ? [name, value.name, value.size, value.lastModified] : [name, value],
              )
            : body;
    return JSON.stringify([method, path, said ?? null]);
}

let last: { print: string; key: string; until: number } | null = null;

/**
 * The key of a press. Made twice, it keeps the key that it was made with as long as its form is the same and nothing
 * else was pressed between: the application then does it once, and answers both alike.
 */
export function keyOf(method: string, path: string, body: unknown): string {
    if (method !== 'POST' || EACH.test(path)) {
        last = null;
        return newKey();
    }
    const asked = print(method, path, body);
    if (last?.print !== asked || Date.now() > last.until)
        last = { print: asked, key: newKey(), until: Infinity };
    return last.key;
}

/** Its answer has come: soon the same press is another one. */
export function answered(key: string): void {
    if (last?.key === key) last.until = Date.now() + SAME;
}
