import { Box, Flex } from '@chakra-ui/react';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { post } from '../../api/client';
import { Act } from '../../bench/Act';
import { Refused } from '../../bench/Refused';
import { useKept } from '../../rehearse/useKept';
import { NotHere } from '../../shell/NotHere';
import { useTitle } from '../../shell/useTitle';

interface Pushed {
    results: Record<'tilt_deg' | 'towards_deg' | 'made' | 'round', { value: number }> &
        Record<'state' | 'said', { value: string }>;
}

const MOST = 24;
/** Middle, stone and claws of the picture, px. */
const [SIZE, STONE, CLAWS] = [420, 96, 158];
/** Its table, eight-sided, and the edges from there to the girdle. */
const FACETS = Array.from({ length: 8 }, (_, at) => {
    const corner = (turn: number, far: number) =>
        `${SIZE / 2 + far * Math.sin(turn)} ${SIZE / 2 - far * Math.cos(turn)}`;
    const [one, next] = [(at * Math.PI) / 4, ((at + 1) * Math.PI) / 4];
    return `M${corner(one, STONE)} L${corner(one, STONE * 0.58)} L${corner(next, STONE * 0.58)}`;
}).join(' ');
/** How far the bubble runs for a degree, px. */
const RUNS = 26;

/** Claws pushed in turn: tap the next; the level shows what it does to the stone. */
export default function PushPage() {
    const { count: said = '' } = useParams();
    const count = /^\d{1,2}$/.test(said) ? Number(said) : 0;
    const isOne = count >= 2 && count <= MOST;
    useTitle(isOne ? 'Pushing order' : undefined);
    if (!isOne)
        return (
            <NotHere
                title="There is no such rehearsal"
                words={`2 to ${MOST} claws or places can be pushed; ${said} is something else.`}
            />
        );
    return <Pushing key={count} count={count} />;
}

function Pushing({ count }: { count: number }) {
    const [moves, setMoves] = useState<{ push: number; time: number }[]>([]);
    const pushed = moves.map((move) => move.push);
    const kept = useKept();
    const push = useMutation({
        mutationFn: (made: { push: number; time: number }[]) =>
            post<Pushed>('reckon/set.push', { count, pushed: made.map((move) => move.push) }),
        onSuccess: ({ results }, made) => {
            if (!['tipped', 'done'].includes(results.state.value)) return;
            kept.mutate({
                lesson: `push-${count}`,
                moves: made.map((move) => ({ push: move.push, at: (move.time - made[0]!.time) / 1000 })),
            });
        },
    });
    const now = push.data?.results;
    const isOver = now !== undefined && ['tipped', 'done'].includes(now.state.value);
    const tap = (number: number, time: number) => {
        if (isOver || push.isPending) return;
        const made = [...moves, { push: number, time }];
        setMoves(made);
        push.mutate(made);
    };
    const anew = () => {
        setMoves([]);
        push.reset();
        kept.reset();
    };
    const runs = (now?.tilt_deg.value ?? 0) * RUNS;
    const towards = ((now?.towards_deg.value ?? 0) * Math.PI) / 180;
    const tipped = now?.state.value === 'tipped';
    return (
        <Box as="main" px={{ base: 3, md: 5 }} py={4} maxW="760px" w="full" mx="auto">
            <Flex align="baseline" gap={4} wrap="wrap">
                <Box as="h1" fontSize="22px" fontWeight="600" flex="1">
                    Pushing order of {count}
                </Box>
                <Link className="way-on" to="/rehearse">
                    all lessons
                </Link>
            </Flex>
            <Box color="soft">
                Tap the next to be pushed, three rounds, soft, medium, firm. The bubble is the level on the
                table of the stone: it runs to the side that stands high.
            </Box>
            <Box
                position="relative"
                w={`${SIZE}px`}
                h={`${SIZE}px`}
                maxW="full"
                mx="auto"
                my={3}
                data-testid="push"
            >
                <svg
                    viewBox={`0 0 ${SIZE} ${SIZE}`}
                    role="img"
                    aria-label="The stone, its claws and its level"
                >
                    <g
                        style={{ transition: 'transform 0.2s' }}
                        transform={
                            tipped
                                ? `translate(${Math.sin(towards) * 16} ${-Math.cos(towards) * 16})`
                                : undefined
                        }
                    >
                        <circle
                            cx={SIZE / 2}
                            cy={SIZE / 2}
                            r={STONE}
                            fill="var(--chakra-colors-sunk)"
                            stroke={`var(--chakra-colors-${tipped ? 'hot' : 'ink'})`}
                            strokeWidth="3"
                        />
                        <path d={FACETS} fill="none" stroke="var(--chakra-colors-edge)" strokeWidth="1.5" />
                    </g>
                    <circle
                        cx={SIZE / 2}
                        cy={SIZE / 2}
                        r={17}
                        fill="none"
                        stroke="var(--chakra-colors-ink)"
                        strokeWidth="1.5"
                    />
                    <circle
                        data-testid="bubble"
                        cx={SIZE / 2 - Math.sin(towards) * runs}
                        cy={SIZE / 2 + Math.cos(towards) * runs}
                        r={12}
                        fill="var(--chakra-colors-brass)"
                    />
                </svg>
                {Array.from({ length: count }, (_, at) => at + 1).map((number) => {
                    const angle = (2 * Math.PI * number) / count;
                    const times = pushed.filter((one) => one === number).length;
                    return (
                        <Act
                            key={number}
                            kind={times > 0 ? 'offer' : 'line'}
                            position="absolute"
                            minW="44px"
                            px={0}
                            bg="card"
                            borderRadius="full"
                            aria-label={`Push ${number}, pushed ${times} of 3`}
                            data-push={number}
                            style={{
                                left: `${50 + (100 * CLAWS * Math.sin(angle)) / SIZE}%`,
                                top: `${50 - (100 * CLAWS * Math.cos(angle)) / SIZE}%`,
                                transform: 'translate(-50%, -50%)',
                            }}
                            onClick={(event) => tap(number, event.timeStamp)}
                        >
                            {number}
                        </Act>
                    );
                })}
            </Box>
            <Box role="status" fontWeight="600" color={tipped ? 'hot' : 'ink'} data-testid="said" minH="28px">
                {now?.said.value ?? 'Numbered as a clock, the last at the top.'}
            </Box>
            <Box color="soft">round {now?.round.value ?? 1} of 3</Box>
            <Act kind={isOver ? 'main' : 'line'} mt={2} onClick={anew} disabled={pushed.length === 0}>
                Begin again
            </Act>
            <Refused error={push.error ?? kept.error} />
        </Box>
    );
}
