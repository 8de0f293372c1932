import per from '../api/units.json';
import { fahrenheit, useUnits, type Units } from './units';

/** Figures of a sentence that share one unit, as in `0.9 × 1.2 mm` or `21 to 24 °C`, and the word before them. */
const FIGURES =
    /(\S+ )?((?:-?\d+(?:\.\d+)?(?: to | × | and |–))*-?\d+(?:\.\d+)?) (mm|g|°C\/min|°C)(?![\w²³/])( \S+)?/g;
const FIGURE = /-?\d+(?:\.\d+)?/g;

/** Words that a difference of temperatures, and no temperature, follows or goes before. */
const FOLLOWS = ['by', 'than', 'it', 'within'];
const GOES_BEFORE = ['behind', 'above', 'under', 'of', 'from', 'apart', 'away', 'too', 'ahead', 'past'];

/** A sentence of the core, which speaks of mm, g and °C, in the units at hand; a gauge is for stock, not for talk. */
export function inUnits(sentence: string, units: Units): string {
    return sentence.replace(FIGURES, (whole, before = '', figures: string, unit: string, after = '') => {
        const turned = turn(unit, before.trim(), after.trim(), units);
        return turned
            ? `${before}${figures.replace(FIGURE, (figure) => turned.figure(figure))} ${turned.unit}${after}`
            : whole;
    });
}

const decimals = (figure: string) => figure.split('.')[1]?.length ?? 0;

function turn(unit: string, before: string, after: string, units: Units) {
    if (unit === 'mm' && units.length === 'in')
        return { unit: 'in', figure: (mm: string) => (Number(mm) / per.in).toFixed(3) };
    if (unit === 'g' && units.mass !== 'g') {
        const more = units.mass === 'ozt' ? 2 : 0;
        return {
            unit: units.mass,
            figure: (g: string) => (Number(g) / per[units.mass as 'dwt' | 'ozt']).toFixed(decimals(g) + more),
        };
    }
    if (!unit.startsWith('°C') || units.temperature !== 'F') return null;
    const isDifference =
        unit === '°C/min' ||
        FOLLOWS.includes(before.toLowerCase()) ||
        GOES_BEFORE.includes(after.replace(/\W+$/, ''));
    return {
        unit: unit.replace('C', 'F'),
        figure: (c: string) =>
            (isDifference ? Number(c) * per.F.per : fahrenheit(Number(c))).toFixed(decimals(c)),
    };
}

/** Says sentences of the core in the units at hand. */
export function useTalk(): (sentence: string) => string {
    const { units } = useUnits();
    return (sentence) => inUnits(sentence, units);
}
