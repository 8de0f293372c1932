import { type Plan } from './plan';
import { DAY, MINUTE } from '../../shell/zone';

/** Of a day's width, what its nights take together, and an idle day beside one on which somebody works. */
const NIGHTS = 0.14;
const IDLE = 0.4;

/** Where a moment stands across the page: hours in which somebody works are wide, nights and idle days narrow. */
export interface Axis {
    from: number;
    to: number;
    /** 0 at the left, 1 at the right. */
    x: (moment: number) => number;
    at: (x: number) => number;
}

export function axisOf(plan: Plan, from: number, days: number): Axis {
    const opens = plan.people.flatMap((one) => one.hours.map((span) => minutes(span.from)));
    const shuts = plan.people.flatMap((one) => one.hours.map((span) => minutes(span.to)));
    const open = Math.max(0, Math.min(600, ...opens) - 30) * MINUTE;
    const shut = Math.min(1440, Math.max(1020, ...shuts) + 30) * MINUTE;
    const worked = new Set(plan.people.flatMap((one) => one.hours.map((span) => span.day)));
    const weights = Array.from({ length: days }, (_, day) =>
        worked.has(weekday(from + day * DAY)) ? 1 : IDLE,
    );
    const whole = weights.reduce((sum, one) => sum + one, 0);
    // Corners of the line from moments to places.
    const corners: [number, number][] = [[from, 0]];
    let left = 0;
    weights.forEach((weight, day) => {
        const start = from + day * DAY;
        const wide = weight / whole;
        corners.push(
            [start + open, left + (wide * NIGHTS) / 2],
            [start + shut, left + wide * (1 - NIGHTS / 2)],
            [start + DAY, left + wide],
        );
        left += wide;
    });
    return {
        from,
        to: from + days * DAY,
        x: (moment) => along(corners, moment, 0, 1),
        at: (x) => along(corners, x, 1, 0),
    };
}

/** The line through the corners, read one way or the other; its ends go on straight. */
function along(corners: [number, number][], value: number, by: 0 | 1, give: 0 | 1): number {
    const next = corners.findIndex((one) => one[by] >= value);
    const upper = Math.max(1, next < 0 ? corners.length - 1 : next);
    const [a, b] = [corners[upper - 1]!, corners[upper]!];
    const share = b[by] === a[by] ? 0 : (value - a[by]) / (b[by] - a[by]);
    return a[give] + share * (b[give] - a[give]);
}

const minutes = (clock: string) => {
    const [hours, rest] = clock.split(/[:.]/).map(Number);
    return (hours ?? 0) * 60 + (rest ?? 0);
};

const WEEKDAYS = ['sun', 'mon', 'tue', 'wed', 'thu', 'fri', 'sat'] as const;
const weekday = (moment: number) => WEEKDAYS[new Date(moment).getUTCDay()]!;
