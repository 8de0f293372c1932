import { Box, Flex } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { get } from '../api/client';
import type { Answer, View } from '../api/types';
import { Act } from '../bench/Act';
import { LevelMark } from '../bench/marks';
import { moment } from '../bench/units';
import { useTalk } from '../bench/talk';
import { Drawing } from '../drawing/Drawing';
import { held, typedOf } from './held';
import type { Work } from './useJob';

/** What can be promised for a job behind all others, before its day is agreed on, and what that rests on. */
export function PromiseOf({ work }: { work: Work }) {
    const talk = useTalk();
    const { job } = work;
    const due = job ? typedOf(held(job, 'brief.due')) : '';
    const wanted = /^\d{4}-\d\d-\d\d$/.test(due) ? due : '';
    const { data, error } = useQuery({
        queryKey: ['promise', job?.number, wanted, job?.version],
        queryFn: () =>
            get<{ promise: Answer; drawn: View | null }>(
                `jobs/${job!.number}/promise${wanted ? `?wanted=${wanted}` : ''}`,
            ),
        enabled: job !== undefined && job.state === 'open',
        placeholderData: (before) => before,
    });
    if (error) return null;
    if (!data) return <Box color="soft">Looking at what is promised already…</Box>;
    const day = data.promise.results.promise?.value;
    const soonest = data.promise.results.earliest?.value;
    return (
        <Box as="section" aria-label="What can be promised" mt={4} maxW="760px" data-testid="promise">
            <Flex gap={3} align="baseline" wrap="wrap">
                {typeof day === 'string' ? (
                    <>
                        <Box fontSize="17px">
                            Can be promised for <b>{moment(day)}</b>; at the soonest {moment(String(soonest))}
                            .
                        </Box>
                        {wanted === day ? null : (
                            <Act kind="offer" onClick={() => work.edit('brief.due', day)}>
                                Agree on {moment(day)}
                            </Act>
                        )}
                    </>
                ) : null}
            </Flex>
            {data.promise.findings.map((finding) => (
                <Flex key={finding.message} gap={2} align="start">
                    <LevelMark level={finding.level} />
                    <Box>
                        {talk(finding.message)} {talk(finding.remedy)}
                    </Box>
                </Flex>
            ))}
            {data.drawn ? <Drawing view={data.drawn} height={230} box={() => null} /> : null}
        </Box>
    );
}
