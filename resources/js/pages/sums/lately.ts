import type { Sheet } from '../../api/types';

const KEPT = 'hot-sprue.sums';
const MOST = 5;

function names(): string[] {
    try {
        const kept: unknown = JSON.parse(localStorage.getItem(KEPT) ?? '[]');
        return Array.isArray(kept) ? kept.filter((one) => typeof one === 'string') : [];
    } catch {
        return [];
    }
}

/** The sums opened last on this tablet, the newest first. */
export const lately = (sheets: Sheet[]): Sheet[] =>
    names().flatMap((name) => sheets.find((one) => one.name === name) ?? []);

export function opened(name: string): void {
    const next = [name, ...names().filter((one) => one !== name)].slice(0, MOST);
    localStorage.setItem(KEPT, JSON.stringify(next));
}
