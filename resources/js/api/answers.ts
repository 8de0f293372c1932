import table from './answers.json';

type Needed = Record<string, string[]>;

const ROUTES = (table as [string, string, boolean, Needed][]).map(([verb, path, once, needed]) => ({
    verb,
    once,
    needed,
    pattern: new RegExp(`^${path.replace(/[.]/g, '\\.').replace(/\{\w+\}/g, '[^/]+')}$`),
}));

function route(verb: string, path: string) {
    const plain = path.split('?')[0] ?? path;
    return ROUTES.find((one) => one.verb === verb && one.pattern.test(plain));
}

/** Whether a request makes or moves something, and so carries a key of its own. */
export function isOnce(verb: string, path: string): boolean {
    return route(verb, path)?.once ?? verb !== 'GET';
}

/** Whether an answer holds what the contract says that it must: half of one is none. */
export function isWhole(verb: string, path: string, answer: unknown): boolean {
    const needed = route(verb, path)?.needed ?? {};
    const has = (value: unknown, names: string[]) =>
        typeof value === 'object' && value !== null && names.every((name) => name in value);
    return (
        has(answer, Object.keys(needed)) &&
        Object.entries(needed).every(([name, names]) => {
            const part = (answer as Record<string, unknown>)[name];
            return names.length === 0 || part === null || has(part, names);
        })
    );
}
