import per from '../api/units.json';
import { dayOf, today, wall } from '../shell/zone';
import { createContext, use, useCallback, useMemo, useState, type ReactNode } from 'react';

export interface Units {
    length: 'mm' | 'in' | 'gauge';
    mass: 'g' | 'dwt' | 'ozt';
    temperature: 'C' | 'F';
    size: string;
}

/** What the core reckons in, and a tablet shows until told otherwise. */
export const CORE_UNITS: Units = { length: 'mm', mass: 'g', temperature: 'C', size: 'us' };
const NEXT = {
    length: { mm: 'in', in: 'gauge', gauge: 'mm' },
    mass: { g: 'dwt', dwt: 'ozt', ozt: 'g' },
    temperature: { C: 'F', F: 'C' },
} as const;

export interface Said {
    figure: string;
    unit: string;
    /** Which switch the unit answers to, if any. */
    kind?: keyof typeof NEXT;
}

/** Of a length, mm. */
const gauge = (mm: number) =>
    per.gauge.from - (per.gauge.steps * Math.log(mm / per.gauge.mm)) / Math.log(per.gauge.base);

export const fahrenheit = (celsius: number) => celsius * per.F.per + per.F.zero;

/** How a figure of the core's unit is said in the units at hand. Display only: what is typed, the core converts. */
export function say(value: unknown, quantity: string | null | undefined, units: Units): Said {
    if (value === null || value === undefined) return { figure: '–', unit: '' };
    if (Array.isArray(value)) return { figure: value.join(', ') || '–', unit: '' };
    if (typeof value === 'boolean') return { figure: value ? 'yes' : 'no', unit: '' };
    if (typeof value !== 'number') return { figure: moment(String(value), quantity), unit: '' };
    switch (quantity) {
        case 'length':
        case 'ring-size':
            if (units.length === 'in')
                return { figure: fixed(value / per.in, 3), unit: 'in', kind: 'length' };
            if (units.length === 'gauge' && value > 0)
                return {
                    figure: gauge(value).toFixed(1),
                    unit: 'ga',
                    kind: 'length',
                };
            return { figure: fixed(value, 2), unit: 'mm', kind: 'length' };
        case 'mass':
            if (units.mass === 'dwt') return { figure: fixed(value / per.dwt, 2), unit: 'dwt', kind: 'mass' };
            if (units.mass === 'ozt') return { figure: fixed(value / per.ozt, 3), unit: 'ozt', kind: 'mass' };
            return { figure: fixed(value, value >= 100 ? 1 : 2), unit: 'g', kind: 'mass' };
        // The metal account is kept to the milligram, and shown so.
        case 'account':
            if (units.mass === 'dwt') return { figure: fixed(value / per.dwt, 3), unit: 'dwt', kind: 'mass' };
            if (units.mass === 'ozt') return { figure: fixed(value / per.ozt, 5), unit: 'ozt', kind: 'mass' };
            return { figure: fixed(value, 3), unit: 'g', kind: 'mass' };
        case 'temperature':
            return units.temperature === 'F'
                ? { figure: fixed(fahrenheit(value), 0), unit: '°F', kind: 'temperature' }
                : { figure: fixed(value, 0), unit: '°C', kind: 'temperature' };
        case 'temperature-difference':
            return units.temperature === 'F'
                ? { figure: trimmed(value * per.F.per, 1), unit: '°F', kind: 'temperature' }
                : { figure: trimmed(value, 1), unit: '°C', kind: 'temperature' };
        case 'minutes':
            return value >= 60
                ? {
                      figure: `${Math.floor(Math.round(value) / 60)}:${String(Math.round(value) % 60).padStart(2, '0')}`,
                      unit: 'h',
                  }
                : { figure: trimmed(value, 1), unit: 'min' };
        case 'seconds':
            return { figure: value < 10 ? fixed(value, 2) : trimmed(value, 1), unit: 's' };
        case 'share':
            return { figure: trimmed(value * 100, 1), unit: '%' };
        case 'cubic-millimetres':
            return { figure: fixed(value, value < 100 ? 1 : 0), unit: 'mm³' };
        case 'square-millimetres':
            return { figure: fixed(value, 2), unit: 'mm²' };
        case 'millilitres':
            return { figure: fixed(value, 0), unit: 'ml' };
        case 'density':
            return { figure: fixed(value, 3), unit: 'g/cm³' };
        case 'angle':
            return { figure: trimmed(value, 1), unit: '°' };
        case 'heating-rate':
            return units.temperature === 'F'
                ? { figure: trimmed(value * per.F.per, 1), unit: '°F/min', kind: 'temperature' }
                : { figure: trimmed(value, 1), unit: '°C/min', kind: 'temperature' };
        default:
            return { figure: trimmed(value, Math.abs(value) < 100 ? 3 : 1), unit: '' };
    }
}

/** So many decimals, and never a nought below nought. */
function fixed(value: number, decimals: number): string {
    const text = value.toFixed(decimals);
    return Number(text) === 0 ? (0).toFixed(decimals) : text;
}

function trimmed(value: number, decimals: number): string {
    return String(Number(value.toFixed(decimals)));
}

/** A day or an hour as one says it: `Fri 11 Dec`, `Tue 1 Dec 14:00`, with the year where it is not this one. */
export function moment(text: string, quantity?: string | null): string {
    const found = /^(\d{4})-(\d\d)-(\d\d)(?:T(\d\d:\d\d))?/.exec(
        /^\d{4}-\d\d-\d\dT/.test(text) ? wall(text) : text,
    );
    if (
        !found ||
        (quantity !== undefined && quantity !== null && !['moment', 'day', 'text'].includes(quantity))
    )
        return text;
    const words = dayOf(Date.UTC(Number(found[1]), Number(found[2]) - 1, Number(found[3])));
    // Another year is said; this one goes without saying.
    const said = found[1] === today().slice(0, 4) ? words : `${words} ${found[1]}`;
    return found[4] ? `${said} ${found[4]}` : said;
}

/** Bench talk without a unit means the units at hand. */
export function withUnit(typed: string, quantity: string, units: Units): string {
    const text = typed.trim();
    if (text === '') return text;
    const bare = /^[-+\d.,\s/½¼¾⅛⅜⅝⅞]+$/.test(text);
    if (quantity === 'ring-size' && (bare || /^[A-Za-z](\s?½|\s1\/2)?$/.test(text)))
        return bare ? `${units.size.toUpperCase()} ${text}` : `UK ${text}`;
    if (!bare) return text;
    if (quantity === 'length' && units.length !== 'mm')
        return `${text} ${units.length === 'in' ? 'in' : 'ga'}`;
    if (quantity === 'mass' && units.mass !== 'g') return `${text} ${units.mass}`;
    if (quantity.startsWith('temperature') && units.temperature === 'F') return `${text} F`;
    if (quantity === 'heating-rate' && units.temperature === 'F') return `${text} F/min`;
    return text;
}

interface Switch {
    units: Units;
    turn: (kind: keyof typeof NEXT) => void;
    set: (units: Partial<Units>) => void;
    start: (usual: Units) => void;
}
const UnitsContext = createContext<Switch>({
    units: CORE_UNITS,
    turn: () => {},
    set: () => {},
    start: () => {},
});
export const useUnits = () => use(UnitsContext);

const KEPT = 'hot-sprue.units';

export function UnitsProvider({ children }: { children: ReactNode }) {
    const [units, setUnits] = useState<Units>(() => {
        try {
            return { ...CORE_UNITS, ...JSON.parse(localStorage.getItem(KEPT) ?? '{}') };
        } catch {
            return CORE_UNITS;
        }
    });
    const set = useCallback((changes: Partial<Units>) => {
        setUnits((now) => {
            const next = { ...now, ...changes };
            localStorage.setItem(KEPT, JSON.stringify(next));
            return next;
        });
    }, []);
    const turn = useCallback(
        (kind: keyof typeof NEXT) =>
            setUnits((now) => {
                const next = { ...now, [kind]: (NEXT[kind] as Record<string, string>)[now[kind]] } as Units;
                localStorage.setItem(KEPT, JSON.stringify(next));
                return next;
            }),
        [],
    );
    // As the workshop shows them, until somebody turns them here.
    const start = useCallback((usual: Units) => {
        if (localStorage.getItem(KEPT) === null) setUnits(usual);
    }, []);
    const value = useMemo(() => ({ units, turn, set, start }), [units, turn, set, start]);
    return <UnitsContext value={value}>{children}</UnitsContext>;
}
