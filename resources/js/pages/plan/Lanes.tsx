import { Box } from '@chakra-ui/react';
import { useLayoutEffect, useRef, useState } from 'react';
import { axisOf } from './axis';
import { BarButton, HIGH } from './BarButton';
import { jobsOf, type Plan } from './plan';
import { at, clock, DAY, dayOf } from '../../shell/zone';
import { barsOf, lanesOf, packed, type Bar, type Moving } from './bars';

const NAMES = 84;
const LEAST = 46;

interface Props {
    plan: Plan;
    from: number;
    days: number;
    moving: Moving | null;
    chosen: string | null;
    onMove: (moving: Moving | null) => void;
    onChoose: (bar: Bar) => void;
    onFix: () => void;
}

/** People, kilns, tumblers and waits as lanes, days across, jobs as bars that are dragged or keyed elsewhere. */
export function Lanes({ plan, from, days, moving, chosen, onMove, onChoose, onFix }: Props) {
    const frame = useRef<HTMLDivElement>(null);
    const [width, setWidth] = useState(900);
    useLayoutEffect(() => {
        const measure = () => setWidth(Math.max(200, (frame.current?.clientWidth ?? 900) - NAMES));
        measure();
        const watch = new ResizeObserver(measure);
        watch.observe(frame.current!);
        return () => watch.disconnect();
    }, []);
    const axis = axisOf(plan, from, days);
    const lanes = lanesOf(plan);
    const bars = barsOf(plan, days);
    const late = new Set(
        jobsOf(plan)
            .filter((one) => one.late_min > 0)
            .map((one) => one.job),
    );
    const now = at(plan.now);
    const wide = ({ bar, start }: Moving) => (axis.x(start + bar.to - bar.from) - axis.x(start)) * width;
    const heads = Array.from({ length: days }, (_, day) => from + day * DAY);
    const every = days <= 7 ? 1 : 7;
    return (
        <Box ref={frame} data-testid="lanes" role="group" aria-label="Plan">
            <Box position="relative" ml={`${NAMES}px`} color="soft" fontSize="14px" h="24px">
                {heads
                    .filter((_, day) => day % every === 0)
                    .map((day) => (
                        <Box
                            key={day}
                            position="absolute"
                            left={`${axis.x(day) * 100}%`}
                            w={`${(axis.x(Math.min(axis.to, day + every * DAY)) - axis.x(day)) * 100}%`}
                            truncate
                        >
                            {dayOf(day)}
                        </Box>
                    ))}
            </Box>
            {lanes.map((lane) => {
                const { placed, rows } = packed(
                    bars.filter((one) => one.lane === lane.name),
                    axis,
                    width,
                    LEAST,
                );
                return (
                    <Box key={lane.name} display="flex" borderTopWidth="1px" borderColor="rule">
                        <Box w={`${NAMES}px`} flexShrink={0} pt={2} pr={1} overflowWrap="anywhere">
                            {lane.title}
                        </Box>
                        <Box
                            position="relative"
                            flex="1"
                            h={`${rows * (HIGH + 2) + 2}px`}
                            data-lane={lane.name}
                        >
                            {heads
                                .filter((_, day) => day % every === 0)
                                .map((day) => (
                                    <Box
                                        key={day}
                                        position="absolute"
                                        top="0"
                                        bottom="0"
                                        left={`${axis.x(day) * 100}%`}
                                        borderLeftWidth="1px"
                                        borderColor="rule"
                                    />
                                ))}
                            {now >= from && now < axis.to ? (
                                <Box
                                    position="absolute"
                                    top="0"
                                    bottom="0"
                                    left={`${axis.x(now) * 100}%`}
                                    borderLeftWidth="2px"
                                    borderColor="hot"
                                    data-testid="now"
                                />
                            ) : null}
                            {placed.map((one) => (
                                <BarButton
                                    key={one.bar.key}
                                    {...one}
                                    width={width}
                                    axis={axis}
                                    days={days}
                                    lanes={lanes
                                        .filter((other) => other.kind === lane.kind)
                                        .map((l) => l.name)}
                                    late={one.bar.jobs.some((job) => late.has(job))}
                                    moving={moving?.bar.key === one.bar.key ? moving : null}
                                    isChosen={chosen === one.bar.key}
                                    onMove={onMove}
                                    onChoose={onChoose}
                                    onFix={onFix}
                                />
                            ))}
                            {moving && moving.lane === lane.name ? (
                                <Box
                                    position="absolute"
                                    top="2px"
                                    left={`${axis.x(moving.start) * width}px`}
                                    w={`${Math.max(LEAST, wide(moving))}px`}
                                    h={`${HIGH}px`}
                                    borderWidth="2px"
                                    borderStyle="dashed"
                                    borderColor="verdigris"
                                    pointerEvents="none"
                                    data-testid="ghost"
                                    title={clock(moving.start)}
                                />
                            ) : null}
                        </Box>
                    </Box>
                );
            })}
        </Box>
    );
}
