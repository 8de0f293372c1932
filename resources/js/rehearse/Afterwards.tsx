import { Box, Flex } from '@chakra-ui/react';
import { lazy, Suspense } from 'react';
import type { Schemas } from '../api/types';
import { Act } from '../bench/Act';
import { useTalk } from '../bench/talk';
import { say, useUnits } from '../bench/units';

const HeatCurve = lazy(() => import('./HeatCurve'));

type Rehearsed = Schemas['Rehearsed'];

/** What happened, what to do otherwise, and how each side came to heat. */
export function Afterwards({
    done,
    onAnew,
    onAgain,
    onShown,
}: {
    done: Rehearsed;
    onAnew: () => void;
    onAgain: () => void;
    onShown: () => void;
}) {
    const { units } = useUnits();
    const talk = useTalk();
    const { heat } = done;
    if (!heat) return null;
    const end = (joint: string) => heat.curve.filter((one) => one.joint === joint).at(-1);
    return (
        <Box data-testid="afterwards" data-outcome={done.outcome}>
            <Box role="status" fontSize="20px" fontWeight="600" color={done.rank === 0 ? 'verdigris' : 'hot'}>
                {heat.said}
            </Box>
            <Box fontSize="17px" mb={2} data-testid="sentence">
                {talk(done.sentence)}
            </Box>
            <Flex gap={2} wrap="wrap" mb={3}>
                <Act kind="main" onClick={onAnew}>
                    Try it again
                </Act>
                <Act kind="line" onClick={onAgain}>
                    Play it as it was
                </Act>
                <Act kind="line" onClick={onShown}>
                    Show me a good one
                </Act>
            </Flex>
            {heat.lines.map((line) => (
                <Box key={line.joint} mb={3}>
                    <Box fontWeight="600">
                        {line.joint}{' '}
                        <Box as="span" fontWeight="400" color="soft">
                            {line.one === line.other
                                ? 'both ends'
                                : `${line.one} as a full line, ${line.other} broken`}
                            {end(line.joint)
                                ? `; at the end ${said(end(line.joint)!.one_c)} and ${said(end(line.joint)!.other_c)}`
                                : ''}
                        </Box>
                    </Box>
                    <Suspense fallback={<Box h="240px" />}>
                        <HeatCurve heat={heat} joint={line.joint} />
                    </Suspense>
                </Box>
            ))}
            <Box as="ol" listStyleType="none" fontSize="14.5px" aria-label="What was seen, and when">
                {heat.marks.map((mark) => (
                    <Flex as="li" key={`${mark.at_s}${mark.sign}${mark.at}`} gap={3}>
                        <Box minW="58px" color="soft">
                            {mark.at_s.toFixed(1)} s
                        </Box>
                        <Box>
                            {mark.at}: {mark.seen}
                        </Box>
                    </Flex>
                ))}
            </Box>
        </Box>
    );

    function said(celsius: number): string {
        const one = say(celsius, 'temperature', units);
        return `${one.figure} ${one.unit}`;
    }
}
