import type { Dimension, Shape, View } from '../api/types';

/** A point that a box should not cover, px in the sheet, and how much it matters. */
type Spot = [x: number, y: number, weight: number];

/** How far apart a line is felt, px. */
const STEP = 6;
const CELL = 4;
/** Most points of one path: a tree’s outline is no finer to the eye. */
const MOST = 800;

/** What lies under a drawing that may be covered: what is filled, grids, and the lines through its middle. */
const FAINT = /^(ghost|centre|hole|fill-(?!sprue|caution))/;

const weightOf = (style: string) => (FAINT.test(style) ? 0 : style === 'thin' ? 0.5 : 1);

/** Points along paths that were drawn before, mm, by step and path. */
const traced = new Map<string, [number, number][]>();

function along(d: string, step: number): [number, number][] {
    const key = `${step.toFixed(3)} ${d}`;
    const known = traced.get(key);
    if (known) return known;
    const path = document.createElementNS('http://www.w3.org/2000/svg', 'path');
    path.setAttribute('d', d);
    const long = path.getTotalLength();
    const count = Math.min(MOST, Math.ceil(long / step));
    const points = Array.from({ length: count + 1 }, (_, at): [number, number] => {
        const { x, y } = path.getPointAtLength(count === 0 ? 0 : (long * at) / count);
        return [x, y];
    });
    if (traced.size > 400) traced.clear();
    traced.set(key, points);
    return points;
}

function between([x1 = 0, y1 = 0]: number[], [x2 = 0, y2 = 0]: number[], step: number): [number, number][] {
    const count = Math.ceil(Math.hypot(x2 - x1, y2 - y1) / step) || 1;
    return Array.from({ length: count + 1 }, (_, at) => [
        x1 + ((x2 - x1) * at) / count,
        y1 + ((y2 - y1) * at) / count,
    ]);
}

function spotsOf(shape: Shape, scale: number): Spot[] {
    const step = STEP / scale;
    const weight = weightOf(shape.style);
    const [x, y] = [shape.x ?? 0, shape.y ?? 0];
    if (shape.kind === 'text') {
        const long = ((shape.words ?? '') + (shape.text ?? '')).length * (7 / scale);
        const left = shape.anchor === 'middle' ? x - long / 2 : shape.anchor === 'end' ? x - long : x;
        const level = y - 5 / scale;
        return between([left, level], [left + long, level], step).map(([px, py]) => [px, py, 2]);
    }
    if (weight === 0) return [];
    const points =
        shape.kind === 'line'
            ? between([shape.x1 ?? 0, shape.y1 ?? 0], [shape.x2 ?? 0, shape.y2 ?? 0], step)
            : shape.kind === 'circle'
              ? round(shape.cx ?? 0, shape.cy ?? 0, shape.r ?? 0, step)
              : along(shape.d ?? '', step);
    return points.map(([px, py]) => [px, py, weight]);
}

function round(cx: number, cy: number, r: number, step: number): [number, number][] {
    const count = Math.max(4, Math.min(MOST, Math.ceil((2 * Math.PI * r) / step)));
    return Array.from({ length: count }, (_, at) => [
        cx + r * Math.cos((2 * Math.PI * at) / count),
        cy + r * Math.sin((2 * Math.PI * at) / count),
    ]);
}

export const keyOf = ({ use = '', kind, name }: Dimension) => use + kind + name;

/** The line that a dimension measures. */
function measured({ line: [from, to] }: Dimension, scale: number): Spot[] {
    return from && to ? between(from, to, STEP / scale).map(([x, y]): Spot => [x, y, 0.5]) : [];
}

/** Where it is pulled: a box over a handle takes the handle away. */
function handle({ line: [, to], pull }: Dimension, scale: number): Spot[] {
    const [x = 0, y = 0] = to ?? [];
    return to && pull ? [-8, 0, 8].map((by) => [x + by / scale, y, 6]) : [];
}

/** How much of a drawing a rectangle on it would cover. */
export interface Ground {
    /** Its own line a dimension’s box may lie on. */
    under: (key: string, x: number, y: number, wide: number, high: number) => number;
}

/** The ground of a view drawn at a scale, as sums over a grid, so that any rectangle is read at four places. */
export function groundOf(view: View, scale: number): Ground {
    const [x0 = 0, y0 = 0, wide = 1, high = 1] = view.box;
    const columns = Math.ceil((wide * scale) / CELL) + 1;
    const rows = Math.ceil((high * scale) / CELL) + 1;
    const sums = new Float32Array((columns + 1) * (rows + 1));
    const lines = new Map(view.dimensions.map((one) => [keyOf(one), measured(one, scale)]));
    const cellOf = ([x, y]: Spot) =>
        [Math.floor(((x - x0) * scale) / CELL), Math.floor(((y - y0) * scale) / CELL)] as const;
    for (const spot of [
        ...view.shapes.flatMap((shape) => spotsOf(shape, scale)),
        ...view.dimensions.flatMap((one) => handle(one, scale)),
        ...[...lines.values()].flat(),
    ]) {
        const [column, row] = cellOf(spot);
        if (column < 0 || row < 0 || column >= columns || row >= rows) continue;
        sums[(row + 1) * (columns + 1) + column + 1]! += spot[2];
    }
    for (let row = 1; row <= rows; row++)
        for (let column = 1; column <= columns; column++)
            sums[row * (columns + 1) + column]! +=
                sums[(row - 1) * (columns + 1) + column]! +
                sums[row * (columns + 1) + column - 1]! -
                sums[(row - 1) * (columns + 1) + column - 1]!;
    const read = (column: number, row: number) =>
        sums[Math.max(0, Math.min(rows, row)) * (columns + 1) + Math.max(0, Math.min(columns, column))]!;
    return {
        under: (key, x, y, across, down) => {
            const [left, right] = [Math.floor((x - across / 2) / CELL), Math.ceil((x + across / 2) / CELL)];
            const [top, foot] = [Math.floor((y - down / 2) / CELL), Math.ceil((y + down / 2) / CELL)];
            const own = (lines.get(key) ?? []).reduce((sum, spot) => {
                const [column, row] = cellOf(spot);
                return column >= left && column < right && row >= top && row < foot ? sum + spot[2] : sum;
            }, 0);
            return -own + read(right, foot) - read(left, foot) - read(right, top) + read(left, top);
        },
    };
}
