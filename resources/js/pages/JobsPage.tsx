import { Box, Flex, Input } from '@chakra-ui/react';
import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query';
import { useRef } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { get, post, Refusal } from '../api/client';
import type { JobRow } from '../api/types';
import { Pick } from '../bench/fields';
import { moment } from '../bench/units';
import { KnownClient } from '../job/KnownClient';
import { stationWords, useCatalogue } from '../shell/catalogue';
import { Act } from '../bench/Act';
import { NewJob } from './NewJob';
import { useTitle } from '../shell/useTitle';
import { Fetching } from '../bench/Fetching';

interface Page {
    jobs: JobRow[];
    page: number;
    more: boolean;
}

/** Every job, found by number, client, title, alloy or stone. */
export function JobsPage() {
    useTitle('Jobs');
    const go = useNavigate();
    const catalogue = useCatalogue();
    const [asked, ask] = useSearchParams();
    const file = useRef<HTMLInputElement>(null);
    const at = (name: string) => asked.get(name) ?? '';
    const put = (changes: Record<string, string>) =>
        ask(
            (now) => {
                const next = new URLSearchParams(now);
                if (!('page' in changes)) next.delete('page');
                Object.entries(changes).forEach(([name, value]) =>
                    value === '' ? next.delete(name) : next.set(name, value),
                );
                return next;
            },
            { replace: true },
        );
    const filter = ['search', 'station', 'state', 'due', 'page']
        .filter((name) => at(name) !== '')
        .map((name) => `${name}=${encodeURIComponent(at(name))}`)
        .join('&');
    const query = useQuery({
        queryKey: ['jobs', filter],
        queryFn: ({ signal }) => get<Page>(`jobs?${filter}`, signal),
        placeholderData: keepPreviousData,
    });
    const { data } = query;
    const take = useMutation({
        mutationFn: ({ chosen, same }: { chosen: File; same: boolean }) => {
            const form = new FormData();
            form.append('file', chosen);
            if (same) form.append('same_client', '1');
            return post<{ number: number }>('jobs/import', form);
        },
        onSuccess: (made) => void go(`/jobs/${made.number}`),
    });
    return (
        <Box as="main" px={5} py={5} maxW="1180px" w="full" mx="auto">
            <Flex gap={3} wrap="wrap" align="center" mb={3}>
                <Box as="h1" fontSize="24px" fontWeight="600">
                    Jobs
                </Box>
                <Input
                    aria-label="Search jobs"
                    placeholder="number, client, title, alloy, stone"
                    value={at('search')}
                    maxW="320px"
                    h="46px"
                    bg="card"
                    borderColor="edge"
                    onChange={(event) => put({ search: event.target.value })}
                />
                <Pick
                    label="Station"
                    value={at('station')}
                    options={[
                        ['', 'every station'],
                        ...(catalogue?.stations.map((one): [string, string] => [
                            one.name,
                            `at ${one.label}`,
                        ]) ?? []),
                    ]}
                    onChange={(station) => put({ station })}
                />
                <Pick
                    label="Due"
                    value={at('due')}
                    options={[
                        ['', 'due any time'],
                        ['late', 'late'],
                        ['week', 'due in a week'],
                        ['month', 'due in a month'],
                    ]}
                    onChange={(due) => put({ due })}
                />
                <Pick
                    label="State"
                    value={at('state')}
                    options={[
                        ['', 'open'],
                        ['delivered', 'delivered'],
                        ['abandoned', 'abandoned'],
                        ['all', 'all'],
                    ]}
                    onChange={(state) => put({ state })}
                />
                <Box flex="1" />
                <Act kind="line" minH="46px" onClick={() => file.current?.click()}>
                    take in a file
                </Act>
                <input
                    ref={file}
                    type="file"
                    accept=".json,.zip"
                    hidden
                    data-testid="import"
                    onChange={(event) => {
                        const chosen = event.target.files?.[0];
                        if (chosen) take.mutate({ chosen, same: false });
                        event.target.value = '';
                    }}
                />
                <Act kind="main" minH="46px" px={5} onClick={() => put({ new: '1' })}>
                    New job
                </Act>
            </Flex>
            <KnownClient
                error={take.error}
                onSame={() => take.variables && take.mutate({ ...take.variables, same: true })}
            />
            {take.error && !(take.error instanceof Refusal && take.error.known) ? (
                <Box role="alert" color="hot" mb={2}>
                    Nothing was taken in.{' '}
                    {Object.entries(
                        (take.error as unknown as { errors?: Record<string, string[]> }).errors ?? {
                            _: [take.error.message],
                        },
                    ).map(([path, messages]) => (
                        <Box key={path}>
                            {path === '_' ? '' : `${path}: `}
                            {messages.join(' ')}
                        </Box>
                    ))}
                </Box>
            ) : null}
            {at('new') === '1' ? <NewJob onClose={() => put({ new: '' })} /> : null}
            {!data ? <Fetching words="Taking the jobs out…" query={query} /> : null}
            {data?.jobs.length === 0 ? (
                <Box py={8} color="soft">
                    {filter === '' ? 'No job is open. Start one with “New job”.' : 'No job answers to that.'}
                </Box>
            ) : null}
            <Box as="table" w="full" aria-label="Jobs">
                <tbody>
                    {data?.jobs.map((job) => (
                        <Box
                            as="tr"
                            key={job.number}
                            borderBottomWidth="1px"
                            borderColor="rule"
                            h="52px"
                            _hover={{ bg: 'card' }}
                            cursor="pointer"
                            onClick={() => void go(`/jobs/${job.number}/${job.station}`)}
                        >
                            <Box as="td" w="64px" fontWeight="600" fontSize="18px">
                                <Link
                                    to={`/jobs/${job.number}/${job.station}`}
                                    style={{ display: 'flex', alignItems: 'center', minHeight: 48 }}
                                >
                                    {job.number}
                                </Link>
                            </Box>
                            <td>
                                <Box as="span" dir="auto" overflowWrap="anywhere" lineClamp={2}>
                                    {job.title || 'untitled'}
                                </Box>
                                {job.commission !== job.number ? (
                                    <Box as="span" color="soft">
                                        {' '}
                                        · with {job.commission}
                                    </Box>
                                ) : null}
                            </td>
                            <Box as="td" color="soft">
                                {job.client ?? ''}
                            </Box>
                            <Box as="td">
                                {job.state === 'open' ? stationWords(catalogue, job.station) : job.state}
                            </Box>
                            <Box as="td" textAlign="right">
                                {job.due ? moment(job.due) : ''}
                            </Box>
                        </Box>
                    ))}
                </tbody>
            </Box>
            <Flex gap={3} mt={3} justify="end">
                {(data?.page ?? 1) > 1 ? (
                    <Act kind="line" minH="46px" onClick={() => put({ page: String((data?.page ?? 2) - 1) })}>
                        earlier
                    </Act>
                ) : null}
                {data?.more ? (
                    <Act kind="line" minH="46px" onClick={() => put({ page: String((data?.page ?? 1) + 1) })}>
                        more
                    </Act>
                ) : null}
            </Flex>
        </Box>
    );
}
