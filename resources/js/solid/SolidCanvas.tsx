import { Box, Flex } from '@chakra-ui/react';
import { useEffect, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { Act } from '../bench/Act';
import { CheckBar, keptScale } from './CheckBar';
import type { ShownPart } from './parts';
import { EYE, SolidScene, within, type Eye } from './scene';

const TURN_A_PIXEL = 0.011;
const TURN_A_KEY = 0.12;

/** The piece, turned by a finger, the mouse or the arrow keys. */
export default function SolidCanvas({
    parts,
    told,
    onNone,
    spots,
}: {
    parts: ShownPart[];
    told: string;
    /** There is no WebGL here. */
    onNone: () => void;
    /** Places to be marked. */
    spots?: Float32Array | undefined;
}) {
    const canvas = useRef<HTMLCanvasElement>(null);
    const scene = useRef<SolidScene | null>(null);
    const touches = useRef(new Map<number, { x: number; y: number }>());
    const [eye, setEye] = useState(EYE);
    const [scale, setScale] = useState(keptScale);
    const [darkened, setDarkened] = useState(0);
    const look = (change: (eye: Eye) => Partial<Eye>) => setEye((now) => within({ ...now, ...change(now) }));

    useEffect(() => {
        try {
            scene.current = new SolidScene(canvas.current!);
        } catch {
            onNone();
        }
        return () => {
            scene.current?.drop();
            scene.current = null;
        };
    }, [onNone]);
    useEffect(() => {
        scene.current?.show(parts);
        void scene.current?.darken().then((isDarker) => {
            if (isDarker) setDarkened((times) => times + 1);
        });
    }, [parts]);
    useEffect(() => {
        scene.current?.mark(spots);
    }, [spots, parts]);
    useEffect(() => {
        const draw = () => scene.current?.draw(eye);
        const frame = requestAnimationFrame(draw);
        const watcher = new ResizeObserver(draw);
        watcher.observe(canvas.current!);
        return () => {
            cancelAnimationFrame(frame);
            watcher.disconnect();
        };
    }, [eye, parts, spots, darkened]);
    // A wheel over the piece brings it nearer; the page is not to scroll meanwhile.
    useEffect(() => {
        const element = canvas.current!;
        const wheel = (event: WheelEvent) => {
            event.preventDefault();
            look((now) => ({ near: now.near * Math.exp(-event.deltaY / 600) }));
        };
        element.addEventListener('wheel', wheel, { passive: false });
        return () => element.removeEventListener('wheel', wheel);
    }, []);

    const atLife = (to: number) => look(() => ({ near: scene.current?.nearAt(to) ?? 1 }));
    const moved = (event: PointerEvent) => {
        const before = touches.current.get(event.pointerId);
        if (!before) return;
        const now = { x: event.clientX, y: event.clientY };
        const other = [...touches.current].find(([id]) => id !== event.pointerId)?.[1];
        touches.current.set(event.pointerId, now);
        if (other) {
            const apart = (at: { x: number; y: number }) => Math.hypot(at.x - other.x, at.y - other.y) || 1;
            look((held) => ({ near: (held.near * apart(now)) / apart(before) }));
            return;
        }
        look((held) => ({
            turn: held.turn - (now.x - before.x) * TURN_A_PIXEL,
            tip: held.tip + (now.y - before.y) * TURN_A_PIXEL,
        }));
    };
    const keys = (event: KeyboardEvent) => {
        const turns: Record<string, (now: Eye) => Partial<Eye>> = {
            ArrowLeft: (now) => ({ turn: now.turn + TURN_A_KEY }),
            ArrowRight: (now) => ({ turn: now.turn - TURN_A_KEY }),
            ArrowUp: (now) => ({ tip: now.tip + TURN_A_KEY }),
            ArrowDown: (now) => ({ tip: now.tip - TURN_A_KEY }),
            '+': (now) => ({ near: now.near * 1.15 }),
            '-': (now) => ({ near: now.near / 1.15 }),
            Home: () => EYE,
        };
        const turn = turns[event.key];
        if (!turn) return;
        event.preventDefault();
        event.stopPropagation();
        look(turn);
    };
    return (
        <Box>
            <canvas
                ref={canvas}
                role="img"
                aria-label={`${told} Arrow keys turn it, plus and minus bring it nearer, Home sets it back.`}
                tabIndex={0}
                data-testid="solid"
                data-eye={`${eye.turn.toFixed(2)} ${eye.tip.toFixed(2)} ${eye.near.toFixed(2)}`}
                style={{ width: '100%', height: 360, touchAction: 'none', cursor: 'grab', display: 'block' }}
                onPointerDown={(event) => {
                    event.currentTarget.setPointerCapture(event.pointerId);
                    touches.current.set(event.pointerId, { x: event.clientX, y: event.clientY });
                }}
                onPointerMove={moved}
                onPointerUp={(event) => touches.current.delete(event.pointerId)}
                onPointerCancel={(event) => touches.current.delete(event.pointerId)}
                onKeyDown={keys}
            />
            <Flex gap={3} align="center" wrap="wrap">
                <Act kind="quiet" onClick={() => setEye(EYE)}>
                    as it stood
                </Act>
                <Act kind="quiet" onClick={() => look(() => ({ turn: 0, tip: 0 }))}>
                    from the side
                </Act>
                <Act kind="quiet" onClick={() => look(() => ({ turn: 0, tip: 1.5 }))}>
                    from above
                </Act>
                <Act kind="quiet" onClick={() => atLife(scale)}>
                    life size
                </Act>
                <Slide words="cut open" value={eye.cut} onTo={(cut) => look(() => ({ cut }))} />
                {parts.some((one) => one.setting !== null) ? (
                    <Slide words="apart" value={eye.apart} onTo={(apart) => look(() => ({ apart }))} />
                ) : null}
            </Flex>
            <CheckBar
                scale={scale}
                onTo={(to) => {
                    setScale(to);
                    atLife(to);
                }}
            />
        </Box>
    );
}

function Slide({ words, value, onTo }: { words: string; value: number; onTo: (value: number) => void }) {
    return (
        <Flex as="label" align="center" gap={2} minH="44px">
            {words}
            <input
                type="range"
                min={0}
                max={1}
                step={0.02}
                value={value}
                style={{ height: 44, accentColor: 'var(--chakra-colors-verdigris)' }}
                onChange={(event) => onTo(Number(event.target.value))}
            />
        </Flex>
    );
}
