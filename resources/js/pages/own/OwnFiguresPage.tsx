import { Box, Flex } from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { lazy, Suspense } from 'react';
import { Link } from 'react-router';
import { get, post } from '../../api/client';
import type { Schemas } from '../../api/types';
import { Act } from '../../bench/Act';
import { Fetching } from '../../bench/Fetching';
import { LevelMark } from '../../bench/marks';
import { Refused } from '../../bench/Refused';
import { moment, useUnits } from '../../bench/units';
import { learnt } from './learnt';
import { useTitle } from '../../shell/useTitle';

const SamplesChart = lazy(() => import('./SamplesChart'));

type Own = Schemas['OwnFigures']['figures'][number];

/** What the workshop's own jobs say of its figures: offered, never taken by itself. */
export default function OwnFiguresPage() {
    useTitle('Figures of our own');
    const queries = useQueryClient();
    const query = useQuery({
        queryKey: ['own-figures'],
        queryFn: () => get<Schemas['OwnFigures']>('own-figures'),
    });
    const turn = useMutation({
        mutationFn: ({ name, what }: { name: string; what: 'take' | 'back' }) =>
            post<Schemas['OwnFigures']>(`own-figures/${name}/${what}`),
        onSuccess: (answer) => {
            queries.setQueryData(['own-figures'], answer);
            for (const key of ['shop', 'catalogue', 'job'])
                void queries.invalidateQueries({ queryKey: [key] });
        },
    });
    if (!query.data) return <Fetching words="Leafing through the finished jobs…" query={query} />;
    const { figures } = query.data;
    const told = figures.filter((one) => one.samples.length > 0);
    return (
        <Box as="main" px={5} py={5} maxW="1080px" w="full" mx="auto">
            <Flex align="baseline" gap={4} wrap="wrap">
                <Box as="h1" fontSize="24px" fontWeight="600">
                    Figures of our own
                </Box>
                <Box color="soft" flex="1">
                    what finished jobs say of the usual figures; a few count little, and nothing is taken by
                    itself
                </Box>
                <a className="way-on" href="/api/own-figures.csv">
                    CSV
                </a>
                <Link className="way-on" to="/shop">
                    Shop
                </Link>
            </Flex>
            <Refused error={turn.error} />
            {told.length === 0 ? (
                <Box py={4}>
                    Nothing yet. Once a job is handed over, what its casting shrank, what was lost and what
                    was left over stand here beside the usual figures.
                </Box>
            ) : null}
            {told.map((own) => (
                <OneFigure
                    key={own.name}
                    own={own}
                    onTurn={(what) => turn.mutate({ name: own.name, what })}
                    isBusy={turn.isPending}
                />
            ))}
        </Box>
    );
}

function OneFigure({
    own,
    onTurn,
    isBusy,
}: {
    own: Own;
    onTurn: (what: 'take' | 'back') => void;
    isBusy: boolean;
}) {
    const { units } = useUnits();
    const said = (value: unknown) => learnt(value, own.quantity, units);
    const result = (name: string) => own.answer.results[name]?.value;
    const outliers = ((result('outliers') ?? []) as { value: number; job: string }[]).map(
        (one) => `${one.job} ${one.value}`,
    );
    const apart = (at: number) => outliers.includes(`${own.samples[at]!.job} ${own.samples[at]!.value}`);
    const n = Number(result('n'));
    return (
        <Box as="section" borderTopWidth="1px" borderColor="rule" py={4} mt={3} data-own={own.name}>
            <Box as="h2" fontSize="18px" fontWeight="600">
                {own.label[0]!.toUpperCase() + own.label.slice(1)}
            </Box>
            <Box>
                Your last {n} {n === 1 ? 'job has' : 'jobs have'} {said(result('median'))} in their middle,
                eight of ten within {said(result('spread_80'))}; the usual figure is {said(own.usual)}.
                {own.may_be_taken ? (
                    <>
                        {' '}
                        <b>Use {said(result('figure'))}?</b>
                    </>
                ) : null}
            </Box>
            {own.answer.findings.map((finding) => (
                <Flex key={finding.message} gap={2} align="start" fontSize="14.5px">
                    <LevelMark level={finding.level} />
                    <Box>
                        {finding.message} {finding.remedy}
                    </Box>
                </Flex>
            ))}
            <Suspense fallback={<Box h="200px" />}>
                <SamplesChart own={own} apart={apart} />
            </Suspense>
            <Flex gap={3} align="center" wrap="wrap">
                {own.may_be_taken ? (
                    <Act kind={own.taken ? 'line' : 'main'} loading={isBusy} onClick={() => onTurn('take')}>
                        {own.taken ? 'Take it anew' : 'Take it'}
                    </Act>
                ) : null}
                {own.taken ? (
                    <Act kind="quiet" onClick={() => onTurn('back')}>
                        give it back
                    </Act>
                ) : null}
                <Box color="soft" role="status">
                    {own.used === null
                        ? 'Told only: nothing is reckoned with it.'
                        : `New jobs are reckoned with ${said(own.used)}${
                              own.taken ? `, taken ${moment(own.taken.at)} from ${own.taken.n} jobs` : ''
                          }.`}
                </Box>
            </Flex>
            <details>
                <Box as="summary" minH="44px" lineHeight="44px" cursor="pointer">
                    every sample
                </Box>
                <Box overflowX="auto" tabIndex={0} role="group" aria-label={`Samples of ${own.label}`}>
                    <table className="figures">
                        <thead>
                            <tr>
                                <th>job</th>
                                <th>day</th>
                                <th>value</th>
                                <th></th>
                            </tr>
                        </thead>
                        <tbody>
                            {own.samples.map((one, at) => (
                                <tr key={one.job}>
                                    <td>
                                        <Link className="way-on" to={`/jobs/${one.job}`}>
                                            {one.job}
                                        </Link>
                                    </td>
                                    <td>{moment(one.at)}</td>
                                    <td>{said(one.value)}</td>
                                    <td>{apart(at) ? 'set aside' : ''}</td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                </Box>
            </details>
        </Box>
    );
}
