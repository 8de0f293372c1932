import { useLayoutEffect, useState, type RefObject } from 'react';
import type { View } from '../api/types';

/** A dimension's box: its middle and its size, px. */
interface Plate {
    key: string;
    x: number;
    y: number;
    wide: number;
    high: number;
}

export type Moves = Record<string, [number, number]>;

const GAP = 5;
const ROUNDS = 60;

/** Boxes moved off each other, each as little as may be, between left and right; downwards there is always room. */
function apart(plates: Plate[], left: number, right: number): Plate[] {
    const placed = plates.map((plate) => ({ ...plate }));
    const tops = plates.map((plate) => plate.y);
    for (let round = 0; round < ROUNDS; round++) {
        let met = false;
        placed.forEach((one, index) => {
            const half = one.wide / 2;
            one.x = Math.max(left + half, Math.min(right - half, one.x));
            // Nothing rises over what stands above the drawing.
            one.y = Math.max(one.y, Math.min(tops[index]!, one.high / 2));
        });
        placed.forEach((one, index) => {
            for (const other of placed.slice(index + 1)) {
                const [dx, dy] = [other.x - one.x, other.y - one.y];
                const across = (one.wide + other.wide) / 2 + GAP - Math.abs(dx);
                const down = (one.high + other.high) / 2 + GAP - Math.abs(dy);
                if (across <= 0.5 || down <= 0.5) continue;
                met = true;
                const hasRoom = right - left >= one.wide + other.wide + GAP;
                if (across < down && hasRoom && round < ROUNDS / 2) {
                    const by = (dx < 0 ? -across : across) / 2;
                    one.x -= by;
                    other.x += by;
                } else {
                    // The lower one goes down; against an edge only this always ends.
                    (dy < 0 ? one : other).y += down;
                }
            }
        });
        if (!met) break;
    }
    return placed;
}

/** How far each box of a drawing stands off its place, and how far the lowest reaches under the sheet, px. */
export function usePlacing(
    sheet: RefObject<HTMLElement | null>,
    width: number,
    view: View,
): { moves: Moves; under: number } {
    const [placing, setPlacing] = useState<{ moves: Moves; under: number }>({ moves: {}, under: 0 });
    useLayoutEffect(() => {
        const here = sheet.current;
        if (!here) return;
        const boxes = [...here.querySelectorAll<HTMLElement>('[data-dimension]')];
        const place = () => {
            const spare = Math.max(0, (width - here.offsetWidth) / 2);
            const plates = boxes
                .filter((box) => box.offsetWidth > 0)
                .map((box) => ({
                    key: box.dataset.dimension!,
                    x: Number(box.dataset.x),
                    y: Number(box.dataset.y),
                    wide: box.offsetWidth,
                    high: box.offsetHeight,
                }));
            const moves: Moves = {};
            let under = 0;
            apart(plates, -spare, here.offsetWidth + spare).forEach((plate, index) => {
                const [dx, dy] = [plate.x - plates[index]!.x, plate.y - plates[index]!.y];
                if (Math.abs(dx) + Math.abs(dy) > 0.5) moves[plate.key] = [Math.round(dx), Math.round(dy)];
                under = Math.max(under, Math.ceil(plate.y + plate.high / 2 - here.offsetHeight));
            });
            setPlacing({ moves, under });
        };
        // A figure that grows makes its box grow.
        const observer = new ResizeObserver(place);
        [here, ...boxes].forEach((one) => observer.observe(one));
        return () => observer.disconnect();
    }, [sheet, width, view]);
    return placing;
}
