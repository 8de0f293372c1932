import { Box, Flex } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { Link, useParams } from 'react-router';
import { post, Refusal } from '../../api/client';
import { Act } from '../../bench/Act';
import { Refused } from '../../bench/Refused';
import { useKept } from '../../rehearse/useKept';
import { NotHere } from '../../shell/NotHere';
import { hiss } from '../../shell/sound';
import { useTitle } from '../../shell/useTitle';

interface Minute {
    results: Record<'metal' | 'flask' | 'glow', { value: number }> &
        Record<'look' | 'outcome' | 'said', { value: string }>;
}

/** As they lie on the bench, and not in the order in which they are wanted. */
const STEPS: [string, string][] = [
    ['flask', 'seat the flask'],
    ['torch', 'torch on the metal'],
    ['arm', 'balance and wind the arm'],
    ['release', 'release'],
    ['flux', 'a pinch of flux'],
    ['torch-off', 'torch off'],
    ['crucible', 'glaze and warm the crucible'],
];
const GLOWS = ['#8d8a83', '#7a2c20', '#a93417', '#e0521c', '#f7883c', '#ffd98a'];
/** It is looked at so often, ms. */
const LOOKS = 250;

/** The minute of the pour: everything in order and in time, and the metal’s look tells when. */
export default function PourPage() {
    const { alloy = '' } = useParams();
    const [take, setTake] = useState(0);
    useTitle('The pour’s minute');
    return <Pouring key={`${alloy}${take}`} alloy={alloy} onAnew={() => setTake(take + 1)} />;
}

function Pouring({ alloy, onAnew }: { alloy: string; onAnew: () => void }) {
    const began = useRef(0);
    const [done, setDone] = useState<{ step: string; at: number }[]>([]);
    const [at, setAt] = useState(0);
    const kept = useKept();
    const isOver = done.some((one) => one.step === 'release') && done.some((one) => one.step === 'torch-off');
    const released = done.find((one) => one.step === 'release');
    const has = (step: string) => done.some((one) => one.step === step);
    const query = useQuery({
        queryKey: ['pour-minute', alloy, done, at],
        queryFn: () => post<Minute>('reckon/pour.minute', { alloy, done, at }),
        placeholderData: (before) => before,
        gcTime: 1000,
    });
    useEffect(() => {
        if (done.length === 0 || isOver) return;
        const clock = setInterval(() => setAt(Math.round(performance.now() - began.current) / 1000), LOOKS);
        return () => clearInterval(clock);
    }, [done.length, isOver]);
    const isLit = has('torch') && !has('torch-off');
    useEffect(() => hiss(isLit), [isLit]);
    useEffect(() => () => hiss(false), []);
    const { mutate } = kept;
    const sent = useRef(false);
    const keep = useCallback(
        (steps: { step: string; at: number }[]) => {
            if (sent.current) return;
            sent.current = true;
            mutate({ lesson: `pour-${alloy}`, moves: steps });
        },
        [alloy, mutate],
    );
    // Two presses may come before the page is drawn anew.
    const steps = useRef<{ step: string; at: number }[]>([]);
    const tap = (step: string, time: number) => {
        const was = (name: string) => steps.current.some((one) => one.step === name);
        if (was(step)) return;
        if (steps.current.length === 0) began.current = time;
        // To the millisecond: the core takes no shorter time.
        const now = Math.round(time - began.current) / 1000;
        steps.current = [...steps.current, { step, at: now }];
        setDone(steps.current);
        setAt(now);
        if (was('release') && was('torch-off')) keep(steps.current);
    };
    if (query.error instanceof Refusal)
        return <NotHere title="There is no such rehearsal" words={query.error.message} />;
    const now = query.data?.results;
    const glow = Math.min(GLOWS.length - 1, Math.round(now?.glow.value ?? 0));
    return (
        <Box as="main" px={{ base: 3, md: 5 }} py={4} maxW="860px" w="full" mx="auto">
            <Flex align="baseline" gap={4} wrap="wrap">
                <Box as="h1" fontSize="22px" fontWeight="600" flex="1">
                    The pour’s minute
                </Box>
                <Link className="way-on" to="/rehearse">
                    all lessons
                </Link>
            </Flex>
            <Box color="soft">
                Do each thing when it is its turn. The flask comes from the kiln and cools; the metal is let
                go when it rolls as it should.
            </Box>
            <Box asChild w="full" maxH="300px" my={2}>
                <svg viewBox="0 0 480 210" role="img" aria-label="Arm, crucible and flask">
                    <line x1="20" y1="170" x2="460" y2="170" className="thin" />
                    <line
                        x1="60"
                        y1="160"
                        x2="430"
                        y2="160"
                        stroke="var(--chakra-colors-ink)"
                        strokeWidth={has('arm') ? 5 : 1.5}
                        strokeDasharray={has('arm') ? undefined : '6 5'}
                    />
                    <path
                        d="M90 60 L110 150 L200 150 L225 60"
                        fill={has('crucible') ? '#cfc6b4' : 'none'}
                        stroke="var(--chakra-colors-ink)"
                        strokeWidth="3"
                    />
                    {released ? null : (
                        <path
                            data-testid="metal"
                            data-glow={glow}
                            d={
                                /^(melted|it rolls|it smokes)/.test(now?.look.value ?? '')
                                    ? 'M103 122 Q155 108 210 122 L200 148 L111 148 Z'
                                    : 'M112 148 L112 118 L134 118 L134 104 L160 104 L160 124 L184 124 L184 148 Z'
                            }
                            fill={GLOWS[glow]}
                        />
                    )}
                    {isLit ? <path d="M150 10 L132 100 L178 100 Z" fill="#8fb4ff" opacity="0.55" /> : null}
                    {has('flask') ? (
                        <rect
                            x="290"
                            y="90"
                            width="120"
                            height="66"
                            fill={released ? '#c9602b' : '#b79a86'}
                            stroke="var(--chakra-colors-ink)"
                            strokeWidth="3"
                        />
                    ) : null}
                </svg>
            </Box>
            <Box role="status" fontSize="18px" fontWeight="600" data-testid="look" minH="28px">
                {released ? now?.said.value : now?.look.value}
            </Box>
            <Flex gap={2} wrap="wrap" my={2} role="group" aria-label="What is done">
                {STEPS.map(([step, words]) => (
                    <Act
                        key={step}
                        kind={has(step) ? 'offer' : 'line'}
                        disabled={has(step)}
                        data-step={step}
                        onClick={(event) => tap(step, event.timeStamp)}
                    >
                        {words}
                    </Act>
                ))}
            </Flex>
            {released && !isOver ? <Box color="soft">Poured; the torch is still on.</Box> : null}
            {kept.data ? (
                <Box
                    data-testid="poured"
                    data-outcome={kept.data.outcome}
                    fontSize="17px"
                    color={kept.data.rank === 0 ? 'verdigris' : 'hot'}
                >
                    {kept.data.outcome}
                </Box>
            ) : null}
            <Act kind={isOver ? 'main' : 'line'} disabled={done.length === 0} onClick={onAnew}>
                Begin again
            </Act>
            <Refused error={query.error ?? kept.error} />
            <Box color="soft" fontSize="14px" pt={2}>
                A model, for learning the order; no licence to pour. At the bench: face, apron and shoes, the
                guard closed, nobody in line with the arm, nothing damp near the melt.
            </Box>
        </Box>
    );
}
