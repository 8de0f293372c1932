import { Box } from '@chakra-ui/react';
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { Picture } from '../api/types';

/** Two points on a picture, in its own pixels. */
export interface Line {
    from: number[];
    to: number[];
}

/** An end of a line: which line, and which of its ends. */
type End = readonly [line: number, end: 'from' | 'to'];

const ENDS = { from: 'one', to: 'other' };

const LENS = 132;
const SEEN = 26;

/** A picture with lines on it, whose ends are put with the finger, the mouse or the arrow keys. */
export function PictureLines({
    picture,
    lines,
    labels,
    onTo,
    onPut,
}: {
    picture: Picture;
    lines: Line[];
    labels: string[];
    onTo: (lines: Line[]) => void;
    /** An end was let go. */
    onPut: (lines: Line[]) => void;
}) {
    const drawing = useRef<SVGSVGElement>(null);
    const [held, setHeld] = useState<End | null>(null);
    const href = `/api/pictures/${picture.file}`;
    const { width, height } = picture;
    // As large on the screen however large the picture is.
    const unit = width / 700;
    const moved = (end: End, at: number[]): Line[] => {
        const within = [Math.max(0, Math.min(width, at[0]!)), Math.max(0, Math.min(height, at[1]!))];
        return lines.map((line, place) => (place === end[0] ? { ...line, [end[1]]: within } : line));
    };
    const placeOf = (event: PointerEvent) => {
        const box = drawing.current!.getBoundingClientRect();
        return [
            ((event.clientX - box.left) / box.width) * width,
            ((event.clientY - box.top) / box.height) * height,
        ];
    };
    const keys = (event: KeyboardEvent, end: End) => {
        const step = event.shiftKey ? 10 : 1;
        const ways: Record<string, [number, number]> = {
            ArrowLeft: [-step, 0],
            ArrowRight: [step, 0],
            ArrowUp: [0, -step],
            ArrowDown: [0, step],
        };
        const way = ways[event.key];
        if (!way) return;
        event.preventDefault();
        event.stopPropagation();
        const now = lines[end[0]]![end[1]];
        const next = moved(end, [now[0]! + way[0], now[1]! + way[1]]);
        onTo(next);
        onPut(next);
    };
    const lens = held ? lines[held[0]]?.[held[1]] : undefined;
    return (
        <Box position="relative" maxW="900px">
            <svg
                ref={drawing}
                viewBox={`0 0 ${width} ${height}`}
                style={{ width: '100%', height: 'auto', display: 'block', touchAction: 'none' }}
                data-testid="picture-lines"
            >
                <image href={href} width={width} height={height} />
                {lines.map((line, at) => (
                    <g key={at} stroke={at === 0 ? '#b93d06' : '#1f5f54'} strokeWidth={2.2 * unit}>
                        <line
                            x1={line.from[0]}
                            y1={line.from[1]}
                            x2={line.to[0]}
                            y2={line.to[1]}
                            stroke="#fff"
                            strokeWidth={4.4 * unit}
                        />
                        <line x1={line.from[0]} y1={line.from[1]} x2={line.to[0]} y2={line.to[1]} />
                        {(['from', 'to'] as const).map((end) => (
                            <circle
                                key={end}
                                cx={line[end][0]}
                                cy={line[end][1]}
                                r={22 * unit}
                                fill="rgba(255,255,255,0.18)"
                                tabIndex={0}
                                role="button"
                                aria-label={`${labels[at]}, ${ENDS[end]} end: arrow keys move it`}
                                style={{ cursor: 'grab' }}
                                onFocus={() => setHeld([at, end])}
                                onPointerDown={(event) => {
                                    event.currentTarget.setPointerCapture(event.pointerId);
                                    setHeld([at, end]);
                                }}
                                onPointerMove={(event) => {
                                    if (event.currentTarget.hasPointerCapture(event.pointerId))
                                        onTo(moved([at, end], placeOf(event)));
                                }}
                                onPointerUp={(event) => {
                                    event.currentTarget.releasePointerCapture(event.pointerId);
                                    const next = moved([at, end], placeOf(event));
                                    onTo(next);
                                    onPut(next);
                                }}
                                onKeyDown={(event) => keys(event, [at, end])}
                            />
                        ))}
                    </g>
                ))}
            </svg>
            {lens ? (
                <svg
                    viewBox={`${lens[0]! - SEEN} ${lens[1]! - SEEN} ${2 * SEEN} ${2 * SEEN}`}
                    width={LENS}
                    height={LENS}
                    aria-hidden
                    style={{
                        position: 'absolute',
                        top: 4,
                        [lens[0]! < width / 2 ? 'right' : 'left']: 4,
                        background: '#fff',
                        border: '1px solid #8a8271',
                        borderRadius: 999,
                        pointerEvents: 'none',
                    }}
                >
                    <image href={href} width={width} height={height} />
                    <path
                        d={`M${lens[0]! - SEEN},${lens[1]!}h${2 * SEEN}M${lens[0]!},${lens[1]! - SEEN}v${2 * SEEN}`}
                        stroke="#b93d06"
                        strokeWidth={0.4}
                    />
                </svg>
            ) : null}
        </Box>
    );
}
