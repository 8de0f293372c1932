import { say, type Units } from './units';

export const LEVEL_WORD = { stop: 'Stop', caution: 'Caution', note: 'Note' } as const;

/** What a press on a remedy will do, in words: one figure or several. */
export function remedyWords(
    fixes: { value: unknown; quantity: string | null | undefined }[],
    units: Units,
): string {
    return fixes
        .map(({ value, quantity }) => {
            if (typeof value === 'boolean') return value ? 'apply it' : 'leave it off';
            const said = say(value, quantity, units);
            return `make it ${said.figure.replaceAll('-', ' ')} ${said.unit}`.trim();
        })
        .join(', and ')
        .replace(/^./, (letter) => letter.toUpperCase());
}
