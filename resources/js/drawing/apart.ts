import type { Ground } from './ground';

/** A dimension's box: its middle and its size, px; how far it stood off that before, and whether a hand is in it. */
export interface Plate {
    key: string;
    x: number;
    y: number;
    wide: number;
    high: number;
    before: [number, number];
    isHeld: boolean;
}

type Place = [x: number, y: number];

const GAP = 5;
/** How far round its own place a box looks for room, px, and in how many directions. */
const [REACH, RING, TURNS] = [288, 12, 16];
/** For each step of a line that it would cover, a box goes so many px out of its way. */
const COVERED = 30;
/** A box stays where it stood unless another place is better by so much. */
const STAYS = 30;
const ROWS = 8;

const ROUND: Place[] = Array.from({ length: REACH / RING }, (_, ring) =>
    Array.from({ length: TURNS }, (__, turn): Place => {
        const angle = (2 * Math.PI * turn) / TURNS;
        const far = (ring + 1) * RING;
        return [far * Math.cos(angle), far * Math.sin(angle)];
    }),
).flat();

/**
 * Places boxes off each other and off the lines of the drawing, each as near to its own place as may be, between left
 * and right. Nothing rises over what stands above; under the sheet, in rows, there is always room.
 */
export function apart(
    plates: Plate[],
    ground: Ground,
    left: number,
    right: number,
    foot: number,
): Map<string, Place> {
    const placed: { plate: Plate; at: Place }[] = [];
    const meets = (plate: Plate, [x, y]: Place) =>
        placed.some(
            ({ plate: other, at }) =>
                Math.abs(at[0] - x) < (plate.wide + other.wide) / 2 + GAP - 0.5 &&
                Math.abs(at[1] - y) < (plate.high + other.high) / 2 + GAP - 0.5,
        );
    const within = (plate: Plate, [x, y]: Place): Place => {
        const half = plate.wide / 2;
        return [
            Math.max(left + half, Math.min(right - half, x)),
            Math.max(y, Math.min(plate.y, plate.high / 2)),
        ];
    };
    // What a hand is in stays.
    for (const plate of [...plates].sort((one, other) => Number(other.isHeld) - Number(one.isHeld))) {
        const before: Place = within(plate, [plate.x + plate.before[0], plate.y + plate.before[1]]);
        if (plate.isHeld) {
            placed.push({ plate, at: before });
            continue;
        }
        const own = within(plate, [plate.x, plate.y]);
        let best: { at: Place; cost: number } | null = null;
        const weigh = (at: Place, less = 0) => {
            const far = Math.hypot(at[0] - plate.x, at[1] - plate.y) - less;
            if ((best && far >= best.cost) || meets(plate, at)) return;
            const cost = far + COVERED * ground.under(plate.key, at[0], at[1], plate.wide, plate.high);
            if (!best || cost < best.cost) best = { at, cost };
        };
        weigh(before, STAYS);
        weigh(own);
        for (const [dx, dy] of ROUND) weigh(within(plate, [plate.x + dx, plate.y + dy]));
        for (let row = 0; row < ROWS; row++)
            for (let x = left + plate.wide / 2; x <= right - plate.wide / 2; x += 2 * RING)
                weigh([x, foot + GAP + plate.high / 2 + row * (plate.high + GAP)]);
        const at = (best as { at: Place; cost: number } | null)?.at ?? lowest(plate, placed, own[0]);
        placed.push({ plate, at });
    }
    return new Map(placed.map(({ plate, at }) => [plate.key, at]));
}

/** Under all that stands. */
function lowest(plate: Plate, placed: { plate: Plate; at: Place }[], x: number): Place {
    const deepest = Math.max(0, ...placed.map(({ plate: one, at }) => at[1] + one.high / 2));
    return [x, deepest + GAP + plate.high / 2];
}
