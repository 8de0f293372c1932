import { Box, Flex } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { get } from '../api/client';
import type { Schemas } from '../api/types';
import { Act } from '../bench/Act';
import { say, useUnits } from '../bench/units';

const ASKED = 400;

/** How far the reading of a file has come, and a way to stop it. */
export function Reading({ number, name, onStop }: { number: number; name: string; onStop: () => void }) {
    const { data } = useQuery({
        queryKey: ['pattern-progress', number],
        queryFn: () => get<Schemas['PatternProgress']>(`jobs/${number}/pattern/progress`),
        refetchInterval: ASKED,
        retry: false,
        gcTime: 0,
    });
    const share = data?.share ?? null;
    return (
        <Flex gap={3} align="center" wrap="wrap">
            <span role="status">Reading {name}…</span>
            <progress aria-label="Reading the pattern" {...(share === null ? {} : { value: share })} />
            {share === null ? null : <span>{Math.round(100 * share)} %</span>}
            <Act kind="quiet" onClick={onStop}>
                stop
            </Act>
        </Flex>
    );
}

/** What was read of a pattern, as the wax that it is to be. */
export function PatternTold({ read }: { read: Schemas['PatternRead'] }) {
    const { units } = useUnits();
    const { pattern } = read;
    const told = (value: number | null, quantity = 'length') => {
        const said = say(value, quantity, units);
        return `${said.figure} ${said.unit}`;
    };
    return (
        <Box role="status">
            {read.triangles.toLocaleString('en-GB')} triangles. As a wax:{' '}
            {told(pattern.volume, 'cubic-millimetres')}, {told(pattern.across)} across, {told(pattern.along)}{' '}
            along the finger, {told(pattern.tall)} tall; mean modulus {told(pattern.modulus)}.
            {pattern.bore === null ? null : <> Its bore is {told(pattern.bore)}</>}
            {pattern.bore === null || read.bore_wanted === null
                ? null
                : `, the finger asks for ${told(read.bore_wanted)}.`}
            {pattern.section === null ? null : (
                <>
                    {' '}
                    Across the finger it is {told(pattern.width)} × {told(pattern.thickness)} on top and{' '}
                    {told(pattern.width_base)} × {told(pattern.thickness_base)} at its base; the heaviest
                    section has a modulus of {told(pattern.section)}.
                </>
            )}
            {read.carries ? null : <> Enlarged {((read.grown - 1) * 100).toFixed(2)} %.</>}
        </Box>
    );
}
