import { Box, Flex } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { post } from '../api/client';
import type { Job } from '../api/types';
import { Act } from '../bench/Act';
import { Drawing } from '../drawing/Drawing';

interface ClockStage {
    stage: string;
    until_min: number;
    how: string;
}

/** The working clock, to be started when powder goes into water, and the standing after it. */
export function WorkingClock({ job }: { job: Job }) {
    const queries = useQueryClient();
    const mix = job.answers['investment.mix'];
    const stages = mix?.results.clock?.value as ClockStage[] | undefined;
    const stand = mix?.results.stand_min?.value as number | undefined;
    const start = useMutation({
        mutationFn: (clock: { label: string; stages: ClockStage[] }) =>
            post('clocks', { job: job.number, ...clock }),
        onSettled: () => queries.invalidateQueries({ queryKey: ['bench'] }),
    });
    const drawn = job.page.views.filter((view) => view.role === 'levels' || view.role === 'clock');
    if (!stages) return null;
    return (
        <Box aria-label="Working clock" role="group">
            <Box fontWeight="600">Working clock</Box>
            {drawn.map((view) => (
                <Drawing
                    key={view.name}
                    view={view}
                    height={view.role === 'clock' ? 190 : 110}
                    box={() => null}
                />
            ))}
            {stages.map((stage) => (
                <Flex key={stage.stage} gap={2} fontSize="14.5px" borderBottomWidth="1px" borderColor="rule">
                    <Box minW="44px">
                        {Math.floor(stage.until_min)}:
                        {String(Math.round((stage.until_min % 1) * 60)).padStart(2, '0')}
                    </Box>
                    <Box flex="1">
                        {stage.stage}{' '}
                        <Box as="span" color="soft">
                            {stage.how}
                        </Box>
                    </Box>
                </Flex>
            ))}
            <Flex gap={2} mt={2} wrap="wrap">
                <Act kind="main" onClick={() => start.mutate({ label: 'working clock', stages })}>
                    Powder in: start
                </Act>
                {stand ? (
                    <Act
                        kind="offer"
                        onClick={() =>
                            start.mutate({
                                label: 'flask standing',
                                stages: [{ stage: 'stand', until_min: stand, how: 'do not move it' }],
                            })
                        }
                    >
                        Flask stands: start
                    </Act>
                ) : null}
            </Flex>
        </Box>
    );
}
