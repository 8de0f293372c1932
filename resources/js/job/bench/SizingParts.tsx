import { Box, Flex } from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { get, post } from '../../api/client';
import type { Catalogue, JobMetal } from '../../api/types';
import { Pick } from '../../bench/fields';
import { moment, say, useUnits } from '../../bench/units';
import { Pictures } from '../Pictures';
import { Readings } from '../Readings';
import { useWeighed } from '../../metal/useJobMetal';
import type { Work } from '../useJob';
import { Section } from './Section';
import { Act } from '../../bench/Act';
import { Refused } from '../../bench/Refused';

/** An old ring on the bench: how it is done, and its metal to or from the account. */
export function SizingParts({ work, catalogue }: { work: Work; catalogue: Catalogue }) {
    const job = work.job!;
    const { units } = useUnits();
    const queries = useQueryClient();
    const [lot, setLot] = useState('');
    const results = job.answers['size.change']?.results;
    const grams = results?.metal_change?.value as number | undefined;
    const move = useMutation({
        mutationFn: () =>
            post<{ mass: number }>(`jobs/${job.number}/sizing-metal`, lot === '' ? {} : { lot: Number(lot) }),
        onSuccess: () => void queries.invalidateQueries({ queryKey: ['metal'] }),
    });
    const { data: own } = useQuery({
        queryKey: ['metal', 'job', job.number],
        queryFn: () => get<JobMetal>(`jobs/${job.number}/metal`),
    });
    const booked = own?.movements.find(
        (one) => one.reason === `sizing of job ${job.number}` && one.reverses === null && !one.reversed,
    );
    const mass = Math.max(0, ...(booked?.postings ?? []).map((posting) => Math.abs(posting.mass)));
    const weighed = useWeighed();
    if (!results) return null;
    const lots = own?.of_alloy ?? [];
    const said = say(Math.abs(grams ?? 0), 'mass', units);
    return (
        <>
            <Section name="sizing-steps" title="How it is done" hint={String(results.annealing?.value ?? '')}>
                <Box as="ol" pl={5} listStyleType="decimal">
                    {((results.steps?.value ?? []) as { step: string }[]).map(({ step }) => (
                        <li key={step}>{step}</li>
                    ))}
                </Box>
            </Section>
            {grams ? (
                <Section
                    name="sizing-metal"
                    title={grams > 0 ? 'Metal to let in' : 'Metal that comes off'}
                    hint={`${said.figure} ${said.unit}`}
                >
                    {booked ? (
                        <Box role="status" data-testid="sizing-booked">
                            Booked in the metal account on {moment(booked.at)}: {weighed(mass)}. It is taken
                            back on the Metal page (movement {booked.id}).
                        </Box>
                    ) : (
                        <Flex gap={2} align="center" wrap="wrap">
                            {grams > 0 ? (
                                <Pick
                                    label="from which lot"
                                    value={lot}
                                    options={[
                                        [
                                            '',
                                            !own
                                                ? 'looking into the account…'
                                                : lots.length === 0
                                                  ? 'no such metal in the account'
                                                  : 'from which lot?',
                                        ],
                                        ...lots.map((one): [string, string] => [
                                            String(one.id),
                                            `${one.id} ${one.name}`,
                                        ]),
                                    ]}
                                    onChange={setLot}
                                />
                            ) : null}
                            <Act kind="main" loading={move.isPending} onClick={() => move.mutate()}>
                                {grams > 0 ? 'Take it from the account' : 'Enter it as the client’s scrap'}
                            </Act>
                        </Flex>
                    )}
                    <Refused error={move.error} />
                </Section>
            ) : null}
            <Readings
                group="stones"
                title="Stones that are set in it"
                again="another stone"
                work={work}
                catalogue={catalogue}
            />
            <Pictures work={work} about="sizing" />
        </>
    );
}
