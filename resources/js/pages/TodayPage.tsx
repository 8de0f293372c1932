import { Box, Flex } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { get } from '../api/client';
import type { Bench, Today } from '../api/types';
import { LevelMark } from '../bench/marks';
import { moment } from '../bench/units';
import { pathWords, stationWords, useCatalogue } from '../shell/catalogue';
import { today } from '../shell/zone';
import { PlanNotices, TodayPlan } from './TodayPlan';
import { FromClients, LastBackup, ZoneQuestion } from './TodayNotices';
import { useTitle } from '../shell/useTitle';
import { Fetching } from '../bench/Fetching';
import { Welcome } from './Welcome';

function dueWords(due: string | null): { words: string; late: boolean } {
    if (!due) return { words: 'no date', late: false };
    const days = Math.round((Date.parse(due) - Date.parse(today())) / 86_400_000);
    return {
        words: days < 0 ? `${moment(due)}, ${-days} days late` : days === 0 ? 'today' : moment(due),
        late: days < 0,
    };
}

/** What is hot now, what each open job needs next, and what is due. */
export function TodayPage() {
    useTitle('Today');
    const catalogue = useCatalogue();
    const query = useQuery({
        queryKey: ['today'],
        queryFn: () => get<Today>('today'),
        refetchInterval: 30_000,
    });
    const { data } = query;
    const { data: bench } = useQuery({ queryKey: ['bench'], queryFn: () => get<Bench>('bench') });
    if (!data) return <Fetching words="Looking at the bench…" query={query} />;
    // Nobody was asked yet, and nothing stands here.
    const isNew = bench?.zone_agreed === false && bench.may.includes('people') && data.open === 0;
    return (
        <Flex as="main" px={5} py={5} gap={10} direction={{ base: 'column', lg: 'row' }}>
            <Box flex="1" minW={0}>
                <Box as="h1" fontSize="24px" fontWeight="600" mb={3}>
                    {isNew ? 'Welcome' : 'Today'}
                </Box>
                {isNew ? <Welcome bench={bench!} /> : <ZoneQuestion />}
                {isNew ? null : <TodayPlan />}
                {data.jobs.length > 0 ? (
                    <Box as="h2" fontSize="18px" fontWeight="600">
                        Next on the bench
                    </Box>
                ) : null}
                {data.jobs.length === 0 && !isNew ? (
                    <Box color="soft">
                        No job is open.{' '}
                        <Link to="/jobs?new=1" style={{ textDecoration: 'underline' }}>
                            Take a commission
                        </Link>
                        .
                    </Box>
                ) : null}
                {data.jobs.map((job) => {
                    const due = dueWords(job.due);
                    return (
                        <Link key={job.number} to={`/jobs/${job.number}/${job.station}`}>
                            <Flex
                                minH="58px"
                                align="center"
                                gap={4}
                                borderBottomWidth="1px"
                                borderColor="rule"
                                _hover={{ bg: 'card' }}
                                px={2}
                            >
                                <Box w="44px" fontWeight="600" fontSize="18px">
                                    {job.number}
                                </Box>
                                <Box flex="1" minW={0}>
                                    <Box fontSize="17px" truncate dir="auto">
                                        {job.title || 'untitled'}
                                    </Box>
                                    <Box color="soft" fontSize="14px" truncate>
                                        {job.client ?? 'no client yet'}
                                    </Box>
                                </Box>
                                <Flex w="260px" gap={2} align="center" hideBelow="sm">
                                    {job.worst ? <LevelMark level={job.worst} /> : null}
                                    <Box>
                                        <Box>{stationWords(catalogue, job.station)}</Box>
                                        <Box color="soft" fontSize="14px">
                                            {job.trouble ??
                                                job.next ??
                                                `say: ${job.wants.slice(0, 2).map(pathWords).join(', ')}`}
                                        </Box>
                                    </Box>
                                </Flex>
                                <Box
                                    w="190px"
                                    whiteSpace="nowrap"
                                    textAlign="right"
                                    color={due.late ? 'hot' : 'ink'}
                                >
                                    {due.words}
                                </Box>
                            </Flex>
                        </Link>
                    );
                })}
            </Box>
            <Box
                w={{ base: 'full', lg: '320px' }}
                minW={0}
                flexShrink={0}
                display="grid"
                gridTemplateColumns="minmax(0, 1fr)"
                gap={7}
                alignContent="start"
            >
                <FromClients today={data} />
                {isNew ? null : <PlanNotices />}
                <Box>
                    <Box as="h2" fontSize="18px" fontWeight="600" mb={1}>
                        The workshop
                    </Box>
                    <Flex gap={6}>
                        <Box>
                            <Box fontSize="29px" fontWeight="600">
                                {data.open}
                            </Box>
                            <Box color="soft">open jobs</Box>
                        </Box>
                        <Box>
                            <Box fontSize="29px" fontWeight="600" color={data.late > 0 ? 'hot' : 'ink'}>
                                {data.late}
                            </Box>
                            <Box color="soft">late</Box>
                        </Box>
                    </Flex>
                    <LastBackup backup={data.backup} />
                </Box>
            </Box>
        </Flex>
    );
}
