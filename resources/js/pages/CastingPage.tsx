import { Box, Flex } from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { get, post } from '../api/client';
import { moment, say, useUnits } from '../bench/units';
import { Act } from '../bench/Act';
import { When } from '../bench/fields';
import type { View } from '../api/types';
import { Drawing } from '../drawing/Drawing';
import { useTitle } from '../shell/useTitle';
import { called } from './casting/run';
import { Fetching } from '../bench/Fetching';
import { Refused } from '../bench/Refused';

interface JobName {
    number: number;
    title: string;
}
interface RunRow {
    id: number;
    kind: 'burnout' | 'firing';
    state: 'planned' | 'burning' | 'over';
    ready_at: string | null;
    minutes: number;
    jobs: JobName[];
    flasks: number;
}
interface Waiting extends JobName {
    alloy: string;
    pour_c: number;
    across: number;
    deep: number;
}
interface Casting {
    runs: RunRow[];
    proposal: {
        jobs: Waiting[];
        flasks: number[][];
        apart: { jobs: [number, number]; why: string }[];
    };
    views: View[];
}

/** The casting room: burnouts planned, in the kiln and over, and which jobs can share a flask. */
export default function CastingPage() {
    useTitle('Casting');
    const go = useNavigate();
    const queries = useQueryClient();
    const { units } = useUnits();
    const query = useQuery({ queryKey: ['casting'], queryFn: () => get<Casting>('casting') });
    const { data } = query;
    const [left, setLeft] = useState<number[]>([]);
    const [ready, setReady] = useState('');
    const plan = useMutation({
        mutationFn: () => {
            const flasks = (data?.proposal.flasks ?? [])
                .map((flask) => flask.filter((number) => !left.includes(number)))
                .filter((flask) => flask.length > 0);
            return post<RunRow>('casting', { flasks, ready_at: ready === '' ? null : ready });
        },
        onSuccess: (run) => {
            void queries.invalidateQueries({ queryKey: ['casting'] });
            void go(`/casting/${run.id}`);
        },
    });
    if (!data) return <Fetching words="Opening the casting room…" query={query} />;
    const known = Object.fromEntries(data.proposal.jobs.map((job) => [job.number, job]));
    return (
        <Box as="main" px={5} py={5} maxW="1180px" w="full" mx="auto">
            <Box as="h1" fontSize="24px" fontWeight="600">
                Casting
            </Box>
            {data.views.map((view) => (
                <Box key={view.name} as="section" pt={3} data-view={`casting/${view.name}`}>
                    <Box as="h2" fontSize="17px" fontWeight="600">
                        {view.title}
                    </Box>
                    <Drawing view={view} height={view.name === 'flasks' ? 240 : 150} box={() => null} />
                </Box>
            ))}
            <Box as="section" borderTopWidth="1px" borderColor="rule" py={3} mt={3}>
                <Box as="h2" fontSize="17px" fontWeight="600">
                    Ready to invest
                </Box>
                {data.proposal.jobs.length === 0 ? (
                    <Box color="soft">No job has a wax to invest that is not in a run already.</Box>
                ) : (
                    <>
                        {data.proposal.flasks.map((flask, index) => (
                            <Box
                                key={flask.join()}
                                borderBottomWidth="1px"
                                borderColor="rule"
                                py={2}
                                data-proposed={flask.join()}
                            >
                                <Box color="soft" fontSize="14px">
                                    flask {index + 1}
                                    {flask.length > 1 ? ', shared' : ''} ·{' '}
                                    {known[flask[0]!]?.alloy.replaceAll('-', ' ')} · poured at{' '}
                                    {say(known[flask[0]!]?.pour_c, 'temperature', units).figure}{' '}
                                    {say(0, 'temperature', units).unit}
                                </Box>
                                {flask.map((number) => (
                                    <label
                                        key={number}
                                        style={{
                                            display: 'flex',
                                            gap: 8,
                                            minHeight: 44,
                                            alignItems: 'center',
                                        }}
                                    >
                                        <input
                                            type="checkbox"
                                            style={{ width: 22, height: 22 }}
                                            checked={!left.includes(number)}
                                            onChange={(event) =>
                                                setLeft((now) =>
                                                    event.target.checked
                                                        ? now.filter((one) => one !== number)
                                                        : [...now, number],
                                                )
                                            }
                                        />
                                        <b>{number}</b> {known[number]?.title}
                                    </label>
                                ))}
                            </Box>
                        ))}
                        {data.proposal.apart.length > 0 ? (
                            <Box as="details" my={2}>
                                <Box as="summary" minH="44px" pt={2} cursor="pointer" color="soft">
                                    why some do not share a flask
                                </Box>
                                {data.proposal.apart.map((one) => (
                                    <Box key={one.jobs.join()} fontSize="14.5px">
                                        {one.why}
                                    </Box>
                                ))}
                            </Box>
                        ) : null}
                        <Flex gap={2} mt={2} wrap="wrap" align="end">
                            <When label="ready to pour" value={ready} onChange={setReady} />
                            <Act
                                kind="main"
                                minH="46px"
                                loading={plan.isPending}
                                onClick={() => plan.mutate()}
                            >
                                Plan this burnout
                            </Act>
                        </Flex>
                        <Refused error={plan.error} />
                    </>
                )}
            </Box>
            <Box as="section" borderTopWidth="1px" borderColor="rule" py={3}>
                <Box as="h2" fontSize="17px" fontWeight="600">
                    Burnouts and firings
                </Box>
                {data.runs.map((run) => (
                    <Link key={run.id} to={`/casting/${run.id}`}>
                        <Flex
                            gap={{ base: 2, md: 4 }}
                            minH="52px"
                            align="center"
                            wrap={{ base: 'wrap', md: 'nowrap' }}
                            borderBottomWidth="1px"
                            borderColor="rule"
                        >
                            <Box fontWeight="600" minW="110px">
                                {called(run)}
                            </Box>
                            <Box minW="90px" color={run.state === 'burning' ? 'hot' : 'soft'}>
                                {run.state}
                            </Box>
                            <Box flex="1" minW={{ base: '60%', md: 0 }}>
                                {run.jobs.map((job) => `${job.number} ${job.title}`).join(', ')}
                            </Box>
                            <Box color="soft">{run.ready_at ? `ready ${moment(run.ready_at)}` : ''}</Box>
                        </Flex>
                    </Link>
                ))}
                {data.runs.length === 0 ? <Box color="soft">No burnout yet.</Box> : null}
            </Box>
        </Box>
    );
}
