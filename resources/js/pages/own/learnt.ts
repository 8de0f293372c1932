import { say, type Units } from '../../bench/units';

/** A figure that is learnt: a share with one more digit than elsewhere, since what is learnt lies in it. */
export function learnt(value: unknown, quantity: string, units: Units): string {
    if (quantity === 'share' && typeof value === 'number') return `${(value * 100).toFixed(2)} %`;
    const said = say(value, quantity, units);
    return `${said.figure} ${said.unit}`.trim();
}
