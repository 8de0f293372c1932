import { Box, Flex } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { post, Refusal } from '../../api/client';
import { say, useUnits } from '../../bench/units';
import type { Catalogue, Field } from '../../api/types';
import { Pictures } from '../Pictures';
import { Tick } from '../Tick';
import type { Work } from '../useJob';
import { Section } from './Section';
import { Act } from '../../bench/Act';

/** What is looked at before a piece goes: said at its own list, not among the instruments. */
export const isLook = (path: string, field: Field) =>
    path.startsWith('handover.') && field.quantity === 'yes-no';

/** The last station: what the client is told, the metal out of the account, the sheet, the job closed. */
export function HandOverParts({ work, catalogue }: { work: Work; catalogue: Catalogue }) {
    const job = work.job!;
    const go = useNavigate();
    const { units } = useUnits();
    const queries = useQueryClient();
    const advice = (job.answers['care.advice']?.results.advice?.value ?? []) as { words: string }[];
    const deliver = useMutation({
        mutationFn: (sure: boolean) =>
            post<{ delivered: number; lost: number }>(
                `jobs/${job.number}/deliver-metal`,
                sure ? { sure } : {},
            ),
        onSuccess: () => void queries.invalidateQueries({ queryKey: ['metal'] }),
    });
    const mass = (grams: number) =>
        `${say(grams, 'account', units).figure} ${say(grams, 'account', units).unit}`;
    const signed = job.stations.find((one) => one.name === 'handover')?.state === 'signed';
    return (
        <>
            <Section name="last-look" title="Last look">
                {Object.entries(catalogue.decisions)
                    .filter(([path, field]) => isLook(path, field))
                    .map(([path, field]) => (
                        <Tick key={path} path={path} words={field.meaning} work={work} />
                    ))}
            </Section>
            <Section name="care" title="What the client is told" hint="printed on the hand-over sheet">
                <Box as="ul" pl={5} listStyleType="disc">
                    {advice.map((one) => (
                        <li key={one.words}>{one.words}</li>
                    ))}
                </Box>
            </Section>
            <Pictures work={work} about="handover" />
            <Section name="settle" title="Settled">
                <Flex gap={2} wrap="wrap" align="center">
                    <Act kind="offer" loading={deliver.isPending} onClick={() => deliver.mutate(false)}>
                        Take its metal out of the account
                    </Act>
                    <Act kind="line" onClick={() => void go(`/print/${job.number}/handover`)}>
                        Hand-over sheet
                    </Act>
                    {job.state === 'open' ? (
                        <Act
                            kind="main"
                            disabled={!signed}
                            title={signed ? undefined : 'Sign this station first'}
                            onClick={() => void work.act('close', { how: 'delivered' })}
                        >
                            Handed over: close the job
                        </Act>
                    ) : (
                        <Box data-testid="closed">
                            {job.state}; it is opened again, with a reason, under “This job”.
                        </Box>
                    )}
                </Flex>
                {deliver.data ? (
                    <Box role="status" pt={1}>
                        {mass(deliver.data.delivered)} delivered, {mass(deliver.data.lost)} written off as
                        finishing loss.
                    </Box>
                ) : null}
                {deliver.error ? (
                    <Box role="alert" color="hot" pt={1}>
                        {deliver.error.message}
                        {deliver.error instanceof Refusal && deliver.error.errors.sure ? (
                            <Box pt={1}>
                                <Act kind="line" onClick={() => deliver.mutate(true)}>
                                    Finishing took it: write it off
                                </Act>
                            </Box>
                        ) : null}
                    </Box>
                ) : null}
            </Section>
        </>
    );
}
