import { NOTHING, type Draft } from './draft';

const PREFIX = 'hot-sprue.job.';

/** What a person left in this browser, by job. Who left the page left the figure. */
export function keptDrafts(person: number): Map<number, Draft> {
    const found = new Map<number, Draft>();
    for (const name of Object.keys(localStorage)) {
        const [number, of] = name.startsWith(PREFIX) ? name.slice(PREFIX.length).split('.') : [];
        if (Number(of) !== person || !number) continue;
        try {
            const kept = JSON.parse(localStorage.getItem(name) ?? '') as Pick<Draft, 'waiting' | 'sent'>;
            const waiting = Object.fromEntries(
                Object.entries(kept.waiting).map(([path, edit]) => [path, { ...edit, settled: true }]),
            );
            found.set(Number(number), { ...NOTHING, waiting, sent: kept.sent });
        } catch {
            localStorage.removeItem(name);
        }
    }
    return found;
}

/** Keeps what waits, so that it outlives the page. */
export function keepDraft(person: number, number: number, draft: Draft) {
    const name = `${PREFIX}${number}.${person}`;
    if (Object.keys(draft.waiting).length === 0 && draft.sent === null) localStorage.removeItem(name);
    else localStorage.setItem(name, JSON.stringify({ waiting: draft.waiting, sent: draft.sent }));
}
