import { useLayoutEffect, useRef, useState, type RefObject } from 'react';
import type { View } from '../api/types';
import { apart } from './apart';
import { groundOf } from './ground';

export type Moves = Record<string, [number, number]>;

const NONE: { moves: Moves; under: number } = { moves: {}, under: 0 };

/** How far each box of a drawing stands off its place, and how far the lowest reaches under the sheet, px. */
export function usePlacing(
    sheet: RefObject<HTMLElement | null>,
    width: number,
    view: View,
): { moves: Moves; under: number } {
    const [placing, setPlacing] = useState(NONE);
    const before = useRef<Moves>({});
    useLayoutEffect(() => {
        const here = sheet.current;
        if (!here) return;
        const boxes = [...here.querySelectorAll<HTMLElement>('[data-dimension]')];
        if (boxes.length === 0) return;
        const place = () => {
            const [wide, high] = [here.offsetWidth, here.offsetHeight];
            const spare = Math.max(0, (width - wide) / 2);
            const plates = boxes
                .filter((box) => box.offsetWidth > 0)
                .map((box) => ({
                    key: box.dataset.dimension!,
                    x: Number(box.dataset.x),
                    y: Number(box.dataset.y),
                    wide: box.offsetWidth,
                    high: box.offsetHeight,
                    before: before.current[box.dataset.dimension!] ?? ([0, 0] as [number, number]),
                    isHeld: box.contains(document.activeElement),
                }));
            const ground = groundOf(view, wide / (view.box[2] ?? 1));
            const at = apart(plates, ground, -spare, wide + spare, high);
            const moves: Moves = {};
            let under = 0;
            for (const plate of plates) {
                const [x, y] = at.get(plate.key)!;
                const [dx, dy] = [Math.round(x - plate.x), Math.round(y - plate.y)];
                if (dx !== 0 || dy !== 0) moves[plate.key] = [dx, dy];
                under = Math.max(under, Math.ceil(y + plate.high / 2 - high));
            }
            before.current = moves;
            setPlacing({ moves, under });
        };
        // A figure that grows makes its box grow.
        const observer = new ResizeObserver(place);
        [here, ...boxes].forEach((one) => observer.observe(one));
        return () => observer.disconnect();
    }, [sheet, width, view]);
    return view.dimensions.length > 0 ? placing : NONE;
}
