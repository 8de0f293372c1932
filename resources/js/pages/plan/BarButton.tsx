import { Box, chakra } from '@chakra-ui/react';
import { type KeyboardEvent, type PointerEvent, useRef } from 'react';
import type { Axis } from './axis';
import type { Bar, Moving } from './bars';
import { clock, DAY, dayOf, MINUTE } from '../../shell/zone';

export const HIGH = 46;

const LOOKS = {
    work: { bg: 'card', borderColor: 'edge' },
    kiln: { bg: 'card', borderColor: 'hot' },
    tumbler: { bg: 'card', borderColor: 'edge' },
    wait: {
        borderColor: 'edge',
        backgroundImage:
            'repeating-linear-gradient(135deg, var(--chakra-colors-rule) 0 2px, transparent 2px 9px)',
    },
} as const;

/** A bar of the plan: tapped to be looked at, dragged or keyed to another hour, hand or kiln. */
export function BarButton(props: {
    bar: Bar;
    left: number;
    long: number;
    row: number;
    width: number;
    axis: Axis;
    days: number;
    lanes: string[];
    late: boolean;
    moving: Moving | null;
    isChosen: boolean;
    onMove: (moving: Moving | null) => void;
    onChoose: (bar: Bar) => void;
    onFix: () => void;
}) {
    const { bar, moving, lanes, days } = props;
    const grip = useRef<{ x: number; moved: boolean } | null>(null);
    const isFree = bar.kind === 'work' || bar.kind === 'kiln';
    const step = days <= 7 ? 15 * MINUTE : DAY;
    const drag = (event: PointerEvent<HTMLButtonElement>) => {
        if (!grip.current || !isFree) return;
        const by = event.clientX - grip.current.x;
        if (!grip.current.moved && Math.abs(by) < 5) return;
        grip.current.moved = true;
        const under = document
            .elementsFromPoint(event.clientX, event.clientY)
            .map((one) => (one as HTMLElement).dataset.lane)
            .find((name) => name !== undefined && lanes.includes(name));
        const there = props.axis.at(props.axis.x(bar.from) + by / props.width);
        const start = bar.from + Math.round((there - bar.from) / step) * step;
        props.onMove({ bar, start, lane: under ?? bar.lane });
    };
    const keys = (event: KeyboardEvent) => {
        const across = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
        const down = { ArrowUp: -1, ArrowDown: 1 }[event.key];
        if (event.key === 'Escape' && moving) props.onMove(null);
        else if (event.key === 'Enter' && moving) props.onFix();
        else if ((across || down) && isFree) {
            const from = moving ?? { bar, start: bar.from, lane: bar.lane };
            const unit = event.shiftKey || days > 1 ? DAY : 15 * MINUTE;
            const lane = lanes[lanes.indexOf(from.lane) + (down ?? 0)] ?? from.lane;
            props.onMove({ bar, start: from.start + (across ?? 0) * unit, lane });
        } else return;
        event.preventDefault();
        event.stopPropagation();
    };
    const names = bar.steps.map((one) => one.what).join(', ');
    return (
        <chakra.button
            type="button"
            position="absolute"
            top={`${2 + props.row * (HIGH + 2)}px`}
            left={`${props.left}px`}
            w={`${props.long}px`}
            h={`${HIGH}px`}
            borderWidth={bar.fixed ? '3px' : '1px'}
            borderRadius="3px"
            {...LOOKS[bar.kind]}
            outlineOffset="1px"
            {...(props.isChosen ? { outline: '2px solid', outlineColor: 'verdigris' } : {})}
            opacity={moving ? 0.5 : 1}
            overflow="hidden"
            textAlign="left"
            px="4px"
            fontSize="14px"
            lineHeight="1.25"
            touchAction="pan-y"
            cursor={isFree ? 'grab' : 'pointer'}
            data-bar={`${bar.job} ${bar.steps[0]?.step}`}
            data-fixed={bar.fixed || undefined}
            aria-label={`${bar.jobs.join(', ')} ${names}, ${dayOf(bar.from)} ${clock(bar.from)} to ${clock(bar.to)}${
                bar.fixed ? ', fixed' : ''
            }${props.late ? ', late' : ''}`}
            onPointerDown={(event: PointerEvent<HTMLButtonElement>) => {
                grip.current = { x: event.clientX, moved: false };
                event.currentTarget.setPointerCapture(event.pointerId);
            }}
            onPointerMove={drag}
            onPointerUp={() => {
                if (grip.current && !grip.current.moved) props.onChoose(bar);
                grip.current = null;
            }}
            onPointerCancel={() => {
                grip.current = null;
                props.onMove(null);
            }}
            onClick={(event: { detail: number }) => {
                // A key taps it too; a pointer has chosen it already.
                if (event.detail === 0) props.onChoose(bar);
            }}
            onKeyDown={keys}
        >
            <Box
                as="span"
                fontWeight="600"
                display="block"
                whiteSpace="nowrap"
                color={props.late ? 'hot' : 'ink'}
            >
                {props.late ? '! ' : ''}
                {bar.jobs.join(' ')}
            </Box>
            <Box as="span" display="block" whiteSpace="nowrap" color="soft">
                {props.long > 60 ? names : ''}
            </Box>
        </chakra.button>
    );
}
