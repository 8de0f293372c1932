import { Box, Flex } from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { Sample, StretchTests } from '../api/types';
import { get, post, send } from '../api/client';
import { Pick, Typed } from '../bench/fields';
import { moment, useUnits, withUnit, type Units } from '../bench/units';
import { Act } from '../bench/Act';
import { Refused } from '../bench/Refused';

type Draft = Record<'name' | 'form' | 'grade' | 'start' | 'broken' | 'where', string>;
const NEW: Draft = { name: '', form: 'chip', grade: 'silver-hard', start: '', broken: '', where: 'joint' };
const WHERE: [string, string][] = [
    ['joint', 'at the joint'],
    ['beside', 'beside the joint'],
    ['metal', 'in the metal'],
    ['unbroken', 'not at all'],
];

/** Two soldered rings stretched until they break, compared; what they teach is shown at Join. */
export function StretchLog({ grades }: { grades: { name: string; label: string }[] }) {
    const queries = useQueryClient();
    const { units } = useUnits();
    const [samples, setSamples] = useState<[Draft, Draft]>([NEW, { ...NEW, form: 'paste' }]);
    const { data } = useQuery({
        queryKey: ['stretch-tests'],
        queryFn: () => get<StretchTests>('stretch-tests'),
    });
    const keep = useMutation({
        mutationFn: () =>
            post<StretchTests>('stretch-tests', {
                samples: samples.map((one) => ({
                    ...one,
                    start: roundInside(one.start, units),
                    broken: roundInside(one.broken, units),
                })),
            }),
        onSuccess: (log) => {
            queries.setQueryData(['stretch-tests'], log);
            setSamples([NEW, { ...NEW, form: 'paste' }]);
        },
    });
    const drop = useMutation({
        mutationFn: (id: number) => send<StretchTests>('DELETE', `stretch-tests/${id}`),
        onSuccess: (log) => queries.setQueryData(['stretch-tests'], log),
    });
    const put = (at: number, name: keyof Draft, value: string) =>
        setSamples(
            (now) =>
                now.map((one, index) => (index === at ? { ...one, [name]: value } : one)) as [Draft, Draft],
        );
    const options = grades.map((one): [string, string] => [one.name, one.label]);
    return (
        <Box as="section" borderTopWidth="1px" borderColor="rule" py={3} data-testid="stretch-log">
            <Box as="h2" fontSize="17px" fontWeight="600">
                Stretch tests
            </Box>
            <Box color="soft" mb={2}>
                Two soldered samples on the mandrel: the size they began with, and the size they broke at,
                both round the inside, in mm or as sizes (US 5).
            </Box>
            {samples.map((sample, at) => (
                <Flex key={at} gap={2} wrap="wrap" mb={2} role="group" aria-label={`sample ${at + 1}`}>
                    <Typed label="name" value={sample.name} onChange={(value) => put(at, 'name', value)} />
                    <Pick
                        label="form of solder"
                        value={sample.form}
                        options={['chip', 'wire', 'paste'].map((form) => [form, form])}
                        onChange={(value) => put(at, 'form', value)}
                    />
                    <Pick
                        label="grade"
                        value={sample.grade}
                        options={options}
                        onChange={(value) => put(at, 'grade', value)}
                    />
                    <Typed
                        label="began at"
                        value={sample.start}
                        onChange={(value) => put(at, 'start', value)}
                    />
                    <Typed
                        label="broke at"
                        value={sample.broken}
                        onChange={(value) => put(at, 'broken', value)}
                    />
                    <Pick
                        label="where it broke"
                        value={sample.where}
                        options={WHERE}
                        onChange={(value) => put(at, 'where', value)}
                    />
                </Flex>
            ))}
            <Act kind="main" loading={keep.isPending} onClick={() => keep.mutate()}>
                Keep this test
            </Act>
            <Refused error={keep.error} />
            {(data?.tests ?? []).map((test) => (
                <Flex
                    key={test.id}
                    gap={3}
                    align="center"
                    wrap="wrap"
                    borderBottomWidth="1px"
                    borderColor="rule"
                    py={1}
                    data-test={test.id}
                >
                    <Box minW="110px">{moment(test.tested_on)}</Box>
                    {test.samples.map((sample, at) => (
                        <Box key={at}>{said(sample, at, test.answer)}</Box>
                    ))}
                    <Box flex="1">
                        held longer: <b>{String(test.answer.results.stronger?.value)}</b>
                    </Box>
                    <Act
                        kind="quiet"
                        aria-label={`Take out the test of ${moment(test.tested_on)}`}
                        onClick={() => drop.mutate(test.id)}
                    >
                        take out
                    </Act>
                </Flex>
            ))}
        </Box>
    );
}

/** A bare number is a length round the inside; a size says its own scale. */
function roundInside(typed: string, units: Units): string {
    const said = withUnit(typed, 'length', units);
    return /^[\d.,\s]+(in|mm)?$/.test(said) && said !== '' ? `${said} round` : said;
}

function said(sample: Sample, at: number, answer: StretchTests['tests'][number]['answer']): string {
    const strain = answer.results[at === 0 ? 'strain_first' : 'strain_second']?.value as number;
    const what = [sample.name, sample.grade.replaceAll('-', ' '), sample.form].join(', ');
    return `${what}: ${(100 * strain).toFixed(1)} %, ${Object.fromEntries(WHERE)[sample.where]}`;
}
