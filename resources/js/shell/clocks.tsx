import { Box, Flex } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { post } from '../api/client';
import type { Bench, Clock } from '../api/types';
import { Act } from '../bench/Act';
import { duration, standing } from './clockTime';
import { allow, isAllowed, ring } from './sound';
import { useNarrow } from './useWide';

/** Seconds now, ticking; the difference to the server's clock is taken off. */
export function useNow(offset: number): number {
    const [now, setNow] = useState(() => Date.now());
    useEffect(() => {
        const timer = setInterval(() => setNow(Date.now()), 1000);
        return () => clearInterval(timer);
    }, []);
    return (now + offset) / 1000;
}

function OneClock({ clock, now, onStop }: { clock: Clock; now: number; onStop: () => void }) {
    const { stage, left, over } = standing(clock, now);
    return (
        <Flex align="center" gap={2} data-clock={clock.label} fontSize="15px" color={stage ? 'ink' : 'hot'}>
            {clock.job ? (
                <Link
                    to={`/jobs/${clock.job}`}
                    style={{ minWidth: 44, minHeight: 44, display: 'grid', placeItems: 'center' }}
                >
                    {clock.job}
                </Link>
            ) : null}
            <Box flex="1">
                {stage ? `${stage.stage} ${duration(left)} left` : `${clock.label} over by ${duration(over)}`}
            </Box>
            <Act kind="line" px={2} aria-label={`Stop the clock: ${clock.label}`} onClick={onStop}>
                stop
            </Act>
        </Flex>
    );
}

/**
 * Running clocks in the head of every page. They ring at the end of each stage, and a kiln's alarm until somebody has
 * seen to it, once sound is allowed.
 */
export function Clocks({ bench, offset }: { bench: Bench; offset: number }) {
    const now = useNow(offset);
    const isNarrow = useNarrow();
    const [audible, setAudible] = useState(isAllowed);
    const before = useRef<Record<number, string>>({});
    const queries = useQueryClient();
    const stop = useMutation({
        mutationFn: (id: number) => post(`clocks/${id}/stop`),
        onSettled: () => queries.invalidateQueries({ queryKey: ['bench'] }),
    });
    const alarms = bench.kiln?.alarms ?? 0;
    useEffect(() => {
        if (alarms > 0 && Math.floor(now) % 4 === 0) ring();
        bench.clocks.forEach((clock) => {
            const at = standing(clock, now).stage?.stage ?? 'over';
            if (before.current[clock.id] !== undefined && before.current[clock.id] !== at) ring();
            if (at === 'over' && Math.floor(now) % 20 === 0) ring();
            before.current[clock.id] = at;
        });
    }, [now, alarms, bench.clocks]);
    if (bench.clocks.length === 0 && !bench.kiln) return null;
    // What is over comes first, then what will be soonest.
    const [first, ...others] = [...bench.clocks].sort((one, other) => {
        const [a, b] = [standing(one, now), standing(other, now)];
        return (a.stage ? a.left : -a.over) - (b.stage ? b.left : -b.over);
    });
    const shown = (clock: Clock) => (
        <OneClock key={clock.id} clock={clock} now={now} onStop={() => stop.mutate(clock.id)} />
    );
    const sound = audible ? null : (
        <Act
            kind="turn"
            px={1}
            onClick={() => {
                allow();
                setAudible(true);
            }}
        >
            let it ring
        </Act>
    );
    if (isNarrow && !first && audible) return null;
    return (
        <Flex gap={{ base: 2, md: 4 }} align="center" wrap="wrap" role="timer" aria-label="Running clocks">
            {isNarrow ? (
                <Folded words={first ? short(first, now, others.length) : 'sound'}>
                    {first ? shown(first) : null}
                    {others.map(shown)}
                    {sound}
                </Folded>
            ) : (
                <>
                    {first ? shown(first) : null}
                    {others.length > 0 ? (
                        <Folded words={`${others.length} more`}>{others.map(shown)}</Folded>
                    ) : null}
                    {sound}
                </>
            )}
        </Flex>
    );
}

/** A clock in as few letters as may be, for a phone’s head. */
function short(clock: Clock, now: number, others: number): string {
    const { stage, left, over } = standing(clock, now);
    return (stage ? `${duration(left)} left` : `over ${duration(over)}`) + (others > 0 ? ` +${others}` : '');
}

/** What is behind some words in the head, and opens under them. */
function Folded({ words, children }: { words: string; children: ReactNode }) {
    return (
        <Box as="details" position="relative" data-testid="more-clocks">
            <Box as="summary" minH="44px" minW="44px" lineHeight="44px" cursor="pointer" whiteSpace="nowrap">
                {words}
            </Box>
            <Box
                position="absolute"
                right={0}
                zIndex={20}
                bg="card"
                borderWidth="1px"
                borderColor="rule"
                p={3}
                w="max-content"
                maxW="90vw"
            >
                {children}
            </Box>
        </Box>
    );
}
