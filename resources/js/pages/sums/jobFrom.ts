import type { Change, Sheet } from '../../api/types';

/** Sheets of which a job can be begun. */
const BEGUN = [
    'size.convert',
    'size.fit',
    'form.band',
    'wax.dimensions',
    'metal.charge',
    'pour.temperatures',
];

export const isBegun = (sheet: Sheet) => BEGUN.includes(sheet.name);

/** The decisions of a new job that a sum tells of. */
export function jobFrom(sheet: Sheet, typed: Record<string, unknown>): Change[] {
    const changes = sheet.inputs.flatMap((input) =>
        input.decision && input.decision !== 'brief.finger' && typed[input.name] !== undefined
            ? [{ path: input.decision, from: null, to: typed[input.name] }]
            : [],
    );
    const finger = fingerOf(typed);
    return finger ? [...changes, { path: 'brief.finger', from: null, to: finger }] : changes;
}

function fingerOf({ inner_diameter, size, scale }: Record<string, unknown>): string | null {
    if (inner_diameter) return `${String(inner_diameter)} diameter`;
    if (!size || !scale) return null;
    if (scale === 'diameter') return `${String(size)} diameter`;
    if (scale === 'circumference') return `${String(size)} round`;
    return `${String(scale)} ${String(size)}`;
}
