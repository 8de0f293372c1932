import type { Axis } from './axis';
import { placedOf, type Placed, type Plan } from './plan';
import { at, DAY } from '../../shell/zone';

/** What is drawn as one: work at a job in one lane, as far as it hangs together at this zoom. */
export interface Bar {
    key: string;
    lane: string;
    kind: 'work' | 'kiln' | 'tumbler' | 'wait';
    from: number;
    to: number;
    job: string;
    /** Other jobs in the same burnout. */
    jobs: string[];
    steps: Placed[];
    fixed: boolean;
}

/** A bar on its way to another hour or hand. */
export interface Moving {
    bar: Bar;
    start: number;
    lane: string;
}

export interface Lane {
    name: string;
    kind: Bar['kind'];
    title: string;
}

/** A client's look and what else waits so long is drawn in a lane of its own. */
const LONG_WAIT = 12 * 3_600_000;

export function lanesOf(plan: Plan): Lane[] {
    const placed = placedOf(plan);
    const tumblers = [...new Set(placed.filter((one) => one.resource === 'tumbler').map((one) => one.by!))];
    const waits = placed.some((one) => at(one.done) - at(one.end) >= LONG_WAIT);
    return [
        ...plan.people.map((one): Lane => ({ name: one.id, kind: 'work', title: one.id })),
        ...plan.kilns.map((one): Lane => ({ name: `kiln:${one.id}`, kind: 'kiln', title: one.id })),
        ...tumblers.map((one): Lane => ({ name: one, kind: 'tumbler', title: one })),
        ...(waits ? [{ name: 'waits', kind: 'wait', title: 'clients' } satisfies Lane] : []),
    ];
}

/** Bars of the plan between two moments; work at one job within a day, or within days, is one. */
export function barsOf(plan: Plan, days: number): Bar[] {
    const bars: Bar[] = [];
    for (const step of placedOf(plan)) {
        if (step.resource === 'person')
            for (const piece of step.pieces) join(bars, step, step.by!, at(piece.from), at(piece.to), days);
        if (step.resource === 'kiln' && step.by) burn(bars, step);
        if (step.resource === 'tumbler' && step.by) bars.push(bar(step, step.by, 'tumbler'));
        if (at(step.done) - at(step.end) >= LONG_WAIT)
            bars.push({ ...bar(step, 'waits', 'wait'), from: at(step.end), to: at(step.done) });
    }
    return bars;
}

function bar(step: Placed, lane: string, kind: Bar['kind']): Bar {
    return {
        key: `${lane} ${step.job} ${step.step}`,
        lane,
        kind,
        from: at(step.start),
        to: at(step.end),
        job: step.job,
        jobs: [step.job],
        steps: [step],
        fixed: step.fixed,
    };
}

function burn(bars: Bar[], step: Placed) {
    const lane = `kiln:${step.by}`;
    const same = bars.find((one) => one.lane === lane && one.from === at(step.start));
    if (same) {
        same.jobs.push(step.job);
        same.steps.push(step);
    } else bars.push(bar(step, lane, 'kiln'));
}

function join(bars: Bar[], step: Placed, lane: string, from: number, to: number, days: number) {
    const last = bars.filter((one) => one.lane === lane).at(-1);
    const near = days <= 1 ? 0 : days <= 7 ? DAY / 2 : 2 * DAY;
    if (last && last.job === step.job && from - last.to <= near && (days > 1 || last.steps[0] === step)) {
        last.to = to;
        last.fixed ||= step.fixed;
        if (!last.steps.includes(step)) last.steps.push(step);
        return;
    }
    bars.push({ ...bar(step, lane, 'work'), key: `${lane} ${step.job} ${step.step} ${from}`, from, to });
}

/** Each bar in the first row of its lane in which it lies on no other, drawn no narrower than a hand can hit. */
export function packed(bars: Bar[], axis: Axis, width: number, least: number) {
    const rows: number[] = [];
    const placed = bars
        .filter((one) => one.to > axis.from && one.from < axis.to)
        .sort((one, other) => one.from - other.from)
        .map((one) => {
            const start = axis.x(Math.max(axis.from, one.from)) * width;
            const long = Math.max(least, axis.x(Math.min(one.to, axis.to)) * width - start);
            const left = Math.min(start, width - long);
            let row = rows.findIndex((end) => end <= left);
            if (row < 0) row = rows.length;
            rows[row] = left + long + 3;
            return { bar: one, left, long, row };
        });
    return { placed, rows: Math.max(1, rows.length) };
}
