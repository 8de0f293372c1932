// The screen's pure logic, for Pest to ask without a page: each call by its name, arguments as JSON.
import { inUnits } from '../../../resources/js/bench/talk';
import { moment, say } from '../../../resources/js/bench/units';
import { apart, type Plate } from '../../../resources/js/drawing/apart';
import { groundOf } from '../../../resources/js/drawing/ground';
import { sendable, isRefused } from '../../../resources/js/job/draft';
import { drafts } from '../../../resources/js/job/drafts';
import { held, isGone, typedOf } from '../../../resources/js/job/held';
import { remedyWords } from '../../../resources/js/bench/remedy';
import { axisOf } from '../../../resources/js/pages/plan/axis';
import { barsOf, lanesOf, packed } from '../../../resources/js/pages/plan/bars';
import { long, type Plan } from '../../../resources/js/pages/plan/plan';
import { duration, standing } from '../../../resources/js/shell/clockTime';
import { at, dayOf, setZone, wall } from '../../../resources/js/shell/zone';
import type { View } from '../../../resources/js/api/types';

/** Where boxes come to stand on a drawing, and what each then covers. */
function placed(plates: Plate[], view: View, scale: number, left: number, right: number, foot: number) {
    const ground = groundOf(view, scale);
    return Object.fromEntries(
        [...apart(plates, ground, left, right, foot)].map(([key, [x, y]]) => {
            const { wide, high } = plates.find((one) => one.key === key)!;
            return [key, { x, y, covers: ground.under(key, x, y, wide, high) }];
        }),
    );
}

/** Moments to places on an axis of so many days, and back. */
function along(plan: Plan, from: string, days: number, moments: string[]) {
    const axis = axisOf(plan, at(from), days);
    return moments.map((one) => [axis.x(at(one)), axis.at(axis.x(at(one))) - at(one)]);
}

function inLanes(plan: Plan, from: string, days: number, width: number, least: number) {
    const axis = axisOf(plan, at(from), days);
    const bars = barsOf(plan, days);
    const rows = packed(bars.filter((one) => one.kind === 'work'), axis, width, least);
    return {
        lanes: lanesOf(plan).map((one) => one.name),
        bars: bars.map((one) => [one.kind, one.lane, one.jobs, one.steps.length]),
        placed: rows.placed.map((one) => [one.left, one.long, one.row]),
    };
}

/** What waits of a job after somebody did one thing after another; the line is down throughout. */
async function draftAfter(person: number, number: number, acts: [keyof typeof drafts, ...unknown[]][]) {
    globalThis.fetch = () => Promise.reject(new TypeError('down'));
    drafts.begin(person);
    for (const [act, ...given] of acts)
        await (drafts[act] as (...given: unknown[]) => unknown).call(drafts, ...given);
    const draft = drafts.of(number);
    return { ...draft, sendable: sendable(draft), kept: localStorage.getItem(`hot-sprue.job.${number}.${person}`) };
}

export const calls = {
    along, dayOf, draftAfter, duration, held, inLanes, inUnits, isGone, isRefused, long, moment, placed, remedyWords,
    say, sendable, setZone, standing, typedOf, wall,
};
