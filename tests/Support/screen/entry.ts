// The screen's pure logic, for Pest to ask without a page: each call by its name, arguments as JSON.
import { send } from '../../../resources/js/api/client';
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

/**
 * The keys that presses carry: each is made so many ms after the one before, and answered after so many ms; with the
 * clock of this process moved, so that nobody waits.
 */
async function keysOf(presses: [wait: number, method: string, path: string, body: unknown][], answers: number) {
    const keys: string[] = [];
    const real = Date.now;
    let now = real();
    Date.now = () => now;
    const open: { at: number; done: (response: Response) => void }[] = [];
    globalThis.fetch = (asked, options) => {
        // What an earlier test left waiting is tried again under this one's clock: it is no press of it.
        if (!presses.some(([, , path]) => String(asked).endsWith(`/api/${path}`))) return new Promise(() => {});
        keys.push((options!.headers as Record<string, string>)['Idempotency-Key']!);
        return new Promise((done) => open.push({ at: now + answers, done }));
    };
    const settle = async (until: number) => {
        for (const one of open.splice(0))
            if (one.at <= until) {
                now = one.at;
                one.done(new Response('{"errors": {"_": ["refused"]}}', { status: 422 }));
                await new Promise((rest) => setTimeout(rest, 5));
            } else open.push(one);
        now = until;
    };
    for (const [wait, method, path, body] of presses) {
        await settle(now + wait);
        void send(method, path, body).catch(() => undefined);
    }
    await settle(now + answers);
    Date.now = real;
    return keys;
}

export const calls = {
    along, dayOf, draftAfter, duration, held, inLanes, inUnits, isGone, isRefused, keysOf, long, moment, placed, remedyWords,
    say, sendable, setZone, standing, typedOf, wall,
};
