import { Box } from '@chakra-ui/react';
import { useEffect, useRef } from 'react';
import { isTyping } from '../shell/Shell';
import { paint, sheetOf, type Sheet } from './paint';
import { MOMENT, type Outline, type Torch } from './torch';
import type { Torchwork } from './useTorch';

const STEP = 1.5;
/** A picture thirty times a second, ms; and how long after a moment something still moves. */
const [FRAME, REST] = [1000 / 31, 5 * MOMENT];

interface Props {
    outlines: Outline[];
    work: Torchwork;
    torch: Torch;
    support: string;
    dark: boolean;
    /** Whether hands lead the flame; nobody does while a rehearsal is played again. */
    isLed: boolean;
    /** What else a key does, by its name. */
    keys: Record<string, () => void>;
}

/** The piece seen from above under the flame, which follows pointer, touch or keys. */
export function HeatStage({ outlines, work, torch, support, dark, isLed, keys }: Props) {
    const canvas = useRef<HTMLCanvasElement>(null);
    const sheet = useRef<Sheet | null>(null);
    const fingers = useRef(new Map<number, { x: number; y: number }>());
    const apart = useRef<{ far: number; distance: number } | null>(null);
    const { look, lead } = work;

    useEffect(() => {
        let frame = 0;
        let drawn = 0;
        let last = '';
        const draw = (time: number) => {
            frame = requestAnimationFrame(draw);
            const area = canvas.current;
            const pen = area?.getContext('2d');
            if (!area || !pen || time - drawn < FRAME) return;
            // What has come to rest is not drawn again.
            const { shown, flame } = look();
            const stands = JSON.stringify([flame, area.clientWidth, area.clientHeight]);
            if (time - shown.since > REST && stands === last) return;
            [drawn, last] = [time, stands];
            const dense = window.devicePixelRatio || 1;
            const [width, height] = [area.clientWidth, area.clientHeight];
            if (area.width !== Math.round(width * dense) || area.height !== Math.round(height * dense)) {
                area.width = Math.round(width * dense);
                area.height = Math.round(height * dense);
            }
            sheet.current = sheetOf(outlines, width, height);
            pen.setTransform(dense, 0, 0, dense, 0, 0);
            paint(pen, sheet.current, { outlines, ...look(), torch, dark, support }, time);
        };
        frame = requestAnimationFrame(draw);
        return () => cancelAnimationFrame(frame);
    }, [outlines, look, torch, dark, support]);

    const point = (clientX: number, clientY: number) => {
        const area = canvas.current;
        if (!area || !sheet.current || !isLed) return;
        const frame = area.getBoundingClientRect();
        const { scale, x, y } = sheet.current;
        lead(() => ({ x: (clientX - frame.left - x) / scale, y: (clientY - frame.top - y) / scale }));
    };
    const nearer = (by: number) => lead((flame) => ({ distance: flame.distance * by }));
    // A wheel over the piece is the torch’s; React’s own listener could not keep the page from moving.
    useEffect(() => {
        const area = canvas.current;
        const turn = (event: WheelEvent) => {
            if (!isLed) return;
            event.preventDefault();
            lead((flame) => ({ distance: flame.distance * (event.deltaY > 0 ? 1.15 : 1 / 1.15) }));
        };
        area?.addEventListener('wheel', turn, { passive: false });
        return () => area?.removeEventListener('wheel', turn);
    }, [lead, isLed]);

    const key = (event: React.KeyboardEvent) => {
        if (!isLed || isTyping(event.nativeEvent)) return;
        const step = event.shiftKey ? STEP / 4 : STEP;
        const led: Record<string, () => unknown> = {
            ArrowLeft: () => lead((flame) => ({ x: flame.x - step })),
            ArrowRight: () => lead((flame) => ({ x: flame.x + step })),
            ArrowUp: () => lead((flame) => ({ y: flame.y - step })),
            ArrowDown: () => lead((flame) => ({ y: flame.y + step })),
            '+': () => nearer(1 / 1.25),
            '-': () => nearer(1.25),
            ']': () => lead((flame) => ({ spread: flame.spread + 0.25 })),
            '[': () => lead((flame) => ({ spread: flame.spread - 0.25 })),
            ...keys,
        };
        const does = led[event.key];
        if (!does) return;
        event.preventDefault();
        // The keys of the stage are its own while it has the focus.
        event.stopPropagation();
        event.nativeEvent.stopImmediatePropagation();
        does();
    };

    return (
        <Box
            asChild
            w="full"
            h={{ base: '52vh', md: '58vh' }}
            minH="280px"
            display="block"
            borderRadius="3px"
            cursor={isLed ? 'none' : 'default'}
            style={{ touchAction: 'none' }}
        >
            <canvas
                ref={canvas}
                tabIndex={0}
                role="application"
                aria-label="The piece from above, under the flame, which arrow keys lead"
                data-testid="heat-stage"
                onKeyDown={key}
                onPointerMove={(event) => {
                    if (event.pointerType === 'touch' && fingers.current.has(event.pointerId)) {
                        fingers.current.set(event.pointerId, { x: event.clientX, y: event.clientY });
                        const [one, other] = [...fingers.current.values()];
                        if (one && other && apart.current) {
                            const far = Math.hypot(one.x - other.x, one.y - other.y);
                            const { distance, far: before } = apart.current;
                            lead(() => ({ distance: (distance * before) / Math.max(1, far) }));
                            return;
                        }
                    }
                    point(event.clientX, event.clientY);
                }}
                onPointerDown={(event) => {
                    event.currentTarget.setPointerCapture(event.pointerId);
                    fingers.current.set(event.pointerId, { x: event.clientX, y: event.clientY });
                    const [one, other] = [...fingers.current.values()];
                    if (one && other)
                        apart.current = {
                            far: Math.hypot(one.x - other.x, one.y - other.y),
                            distance: look().flame.distance,
                        };
                    point(event.clientX, event.clientY);
                }}
                onPointerUp={(event) => {
                    fingers.current.delete(event.pointerId);
                    apart.current = null;
                }}
                onPointerCancel={(event) => {
                    fingers.current.delete(event.pointerId);
                    apart.current = null;
                }}
            />
        </Box>
    );
}
