import per from '../api/units.json';
import { Box } from '@chakra-ui/react';
import { useLayoutEffect, useRef, useState, type ReactNode } from 'react';
import { keyOf } from './ground';
import { usePlacing } from './placing';
import type { Dimension, Shape, View } from '../api/types';
import { inUnits } from '../bench/talk';
import { say, useUnits } from '../bench/units';
import './drawing.css';

const PX_PER_MM = 96 / per.in;
/** From so far off its place a box is led back to it, px. */
const FAR = 110;

function Mark({ shape, scale }: { shape: Shape; scale: number }) {
    const { units } = useUnits();
    switch (shape.kind) {
        case 'line':
            return <line className={shape.style} x1={shape.x1} y1={shape.y1} x2={shape.x2} y2={shape.y2} />;
        case 'circle':
            return <circle className={shape.style} cx={shape.cx} cy={shape.cy} r={shape.r} />;
        case 'path':
            return <path className={shape.style} d={shape.d} />;
        case 'text':
            return (
                <text
                    className={shape.style}
                    x={shape.x}
                    y={shape.y}
                    textAnchor={shape.anchor}
                    style={{ fontSize: `${(shape.style === 'label' ? 15 : 13) / scale}px` }}
                >
                    {shape.celsius === undefined
                        ? inUnits(shape.text ?? '', units)
                        : `${shape.words ?? ''}${say(shape.celsius, 'temperature', units).figure}`}
                </text>
            );
    }
}

/** The far end of a dimension, to be pulled: the figure follows in steps of 0.05 mm. */
function Handle({
    dimension,
    scale,
    value,
    onPull,
    onDrop,
}: {
    dimension: Dimension;
    scale: number;
    value: number;
    onPull: (value: number) => void;
    onDrop: () => void;
}) {
    const start = useRef<{ x: number; y: number; value: number } | null>(null);
    const end = dimension.line[1];
    const [dx = 0, dy = 0, factor = 1, least = 0.05] = dimension.pull ?? [];
    if (!end || !dimension.pull) return null;
    return (
        <circle
            className="handle"
            data-pull={dimension.name}
            cx={end[0]}
            cy={end[1]}
            r={8 / scale}
            onPointerDown={(event) => {
                event.currentTarget.setPointerCapture(event.pointerId);
                start.current = { x: event.clientX, y: event.clientY, value };
            }}
            onPointerMove={(event) => {
                if (!start.current) return;
                const mm =
                    ((event.clientX - start.current.x) * dx + (event.clientY - start.current.y) * dy) / scale;
                onPull(Math.max(least, Math.round((start.current.value + mm * factor) * 20) / 20));
            }}
            onPointerUp={() => {
                start.current = null;
                onDrop();
            }}
        />
    );
}

/** A dimension's line with a tick at each end, and a lead to its box where the box stands off it. */
function Measure({
    dimension,
    scale,
    moved = [0, 0],
}: {
    dimension: Dimension;
    scale: number;
    /** How far its box stands off its place, px. */
    moved?: [number, number] | undefined;
}) {
    const [from, to] = dimension.line;
    const [atX = 0, atY = 0] = dimension.at;
    const [boxX, boxY] = [atX + moved[0] / scale, atY + moved[1] / scale];
    if (!from || !to)
        return Math.hypot(...moved) < FAR ? null : (
            <line className="measure" x1={atX} y1={atY} x2={boxX} y2={boxY} />
        );
    const [x1 = 0, y1 = 0] = from;
    const [x2 = 0, y2 = 0] = to;
    const long = Math.hypot(x2 - x1, y2 - y1) || 1;
    const tick = 5 / scale;
    const [nx, ny] = [(-(y2 - y1) / long) * tick, ((x2 - x1) / long) * tick];
    return (
        <g className="measure">
            <line className="measure" x1={x1} y1={y1} x2={x2} y2={y2} />
            <line className="measure" x1={x1 - nx} y1={y1 - ny} x2={x1 + nx} y2={y1 + ny} />
            <line className="measure" x1={x2 - nx} y1={y2 - ny} x2={x2 + nx} y2={y2 + ny} />
            <line className="measure" x1={(x1 + x2) / 2} y1={(y1 + y2) / 2} x2={boxX} y2={boxY} />
        </g>
    );
}

interface Props {
    view: View;
    /** Most it may take, px; ignored at life size. */
    height?: number;
    /** At life size (times its magnification), for paper. */
    lifeSize?: boolean;
    /** Takes what stands at a target in hand. */
    onTarget?: ((setting: string) => void) | undefined;
    /** Draws a dimension's box; nothing where it has none. */
    box: (dimension: Dimension) => ReactNode;
    /** What a dimension that can be pulled measures now, and what is done with a pull. */
    pull?: {
        value: (dimension: Dimension) => number | undefined;
        onPull: (dimension: Dimension, value: number) => void;
        onDrop: (dimension: Dimension) => void;
    };
}

/** Renders a drawing's primitives, its dimensions as boxes that can be tapped. */
export function Drawing({ view, height = 420, lifeSize = false, box, pull, onTarget }: Props) {
    const frame = useRef<HTMLDivElement>(null);
    const [width, setWidth] = useState(0);
    useLayoutEffect(() => {
        if (!frame.current) return;
        const observer = new ResizeObserver(([entry]) => setWidth(entry?.contentRect.width ?? 0));
        observer.observe(frame.current);
        setWidth(frame.current.clientWidth);
        return () => observer.disconnect();
    }, []);
    const sheet = useRef<HTMLDivElement>(null);
    const { moves, under } = usePlacing(sheet, width, view);
    const [x = 0, y = 0, wide = 1, high = 1] = view.box;
    const scale = lifeSize ? PX_PER_MM * view.magnify : Math.min(width / wide, height / high);
    return (
        <Box ref={frame} w="full" className="sketch" data-view={`${view.use.split('@')[0]}/${view.name}`}>
            {scale > 0 ? (
                <Box
                    ref={sheet}
                    position="relative"
                    mx="auto"
                    style={{ width: wide * scale, height: high * scale, marginBottom: Math.max(0, under) }}
                >
                    <svg
                        role="img"
                        aria-label={view.title}
                        viewBox={`${x} ${y} ${wide} ${high}`}
                        style={
                            lifeSize
                                ? {
                                      width: `${wide * view.magnify}mm`,
                                      height: `${high * view.magnify}mm`,
                                      overflow: 'visible',
                                  }
                                : { width: wide * scale, height: high * scale, overflow: 'visible' }
                        }
                    >
                        {view.shapes.map((shape, index) => (
                            <Mark key={index} shape={shape} scale={scale} />
                        ))}
                        {view.dimensions.map((dimension) => (
                            <Measure
                                key={keyOf(dimension)}
                                dimension={dimension}
                                scale={scale}
                                moved={moves[keyOf(dimension)]}
                            />
                        ))}
                        {pull
                            ? view.dimensions.map((dimension) => {
                                  const value = pull.value(dimension);
                                  return value === undefined ? null : (
                                      <Handle
                                          key={`pull${dimension.use ?? ''}${dimension.name}`}
                                          dimension={dimension}
                                          scale={scale}
                                          value={value}
                                          onPull={(to) => pull.onPull(dimension, to)}
                                          onDrop={() => pull.onDrop(dimension)}
                                      />
                                  );
                              })
                            : null}
                    </svg>
                    {(onTarget ? view.targets : []).map((target) => (
                        <button
                            key={target.setting}
                            type="button"
                            className="target"
                            aria-label={`${target.label}: take it in hand`}
                            data-target={target.setting}
                            style={{
                                left: (target.x - x) * scale,
                                top: (target.y - y) * scale,
                                width: Math.max(44, 2 * target.r * scale),
                                height: Math.max(44, 2 * target.r * scale),
                            }}
                            onClick={() => onTarget?.(target.setting)}
                        />
                    ))}
                    {view.dimensions.map((dimension) => {
                        const [atX, atY] = [
                            ((dimension.at[0] ?? 0) - x) * scale,
                            ((dimension.at[1] ?? 0) - y) * scale,
                        ];
                        const [dx, dy] = moves[keyOf(dimension)] ?? [0, 0];
                        return (
                            <Box
                                key={keyOf(dimension)}
                                data-dimension={keyOf(dimension)}
                                data-x={atX}
                                data-y={atY}
                                position="absolute"
                                w="max-content"
                                transform="translate(-50%, -50%)"
                                zIndex={1}
                                _focusWithin={{ zIndex: 2 }}
                                style={{ left: atX + dx, top: atY + dy }}
                            >
                                {box(dimension)}
                            </Box>
                        );
                    })}
                </Box>
            ) : null}
        </Box>
    );
}
