import { Box, Button, Flex } from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { get, post, Refusal } from '../api/client';
import { say, useUnits, withUnit } from '../bench/units';
import { Typed, type Metal } from '../pages/MetalPage';
import type { Work } from './useJob';

/** The charge made up of named lots: it moves the metal and keeps the casting's masses, both or neither. */
export function ChargeLots({ work }: { work: Work }) {
    const queries = useQueryClient();
    const { units } = useUnits();
    const job = work.job!;
    const alloy = (job.document.decisions as Record<string, { value: string }>)['brief.alloy']?.value;
    const { data } = useQuery({ queryKey: ['metal', ''], queryFn: () => get<Metal>('metal') });
    const [from, setFrom] = useState<Record<number, string>>({});
    const [out, setOut] = useState({ casting: '', button: '' });
    const lots = (data?.lots ?? []).filter(
        (lot) =>
            lot.alloy === alloy &&
            lot.mass > 0 &&
            lot.kind !== 'piece' &&
            (lot.owner === null || lot.owner === job.client?.name),
    );
    const write = useMutation({
        mutationFn: () =>
            post(`jobs/${job.number}/charge`, {
                lots: Object.entries(from)
                    .filter(([, mass]) => mass.trim() !== '')
                    .map(([lot, mass]) => ({ lot: Number(lot), mass: withUnit(mass, 'mass', units) })),
                casting: withUnit(out.casting, 'mass', units),
                button: out.button === '' ? 0 : withUnit(out.button, 'mass', units),
            }),
        onSuccess: () => {
            setFrom({});
            setOut({ casting: '', button: '' });
            void queries.invalidateQueries({ queryKey: ['metal'] });
            void work.refetch();
        },
    });
    return (
        <Box borderTopWidth="1px" borderColor="rule" pt={3} pb={3} data-testid="charge-lots">
            <Box fontWeight="600">The charge, from the metal account</Box>
            {lots.length === 0 ? (
                <Box color="soft">
                    There is no {alloy?.replaceAll('-', ' ') ?? 'such metal'} in the account for this job.
                    Receive some on the Metal page.
                </Box>
            ) : (
                <>
                    {lots.map((lot) => {
                        const said = say(lot.mass, 'mass', units);
                        return (
                            <Flex key={lot.id} gap={3} align="center" py={1}>
                                <Box flex="1">
                                    <b>{lot.id}</b> {lot.name}
                                    <Box as="span" color="soft">
                                        {' '}
                                        {lot.kind}, {said.figure} {said.unit}
                                        {lot.owner ? `, ${lot.owner}’s` : ''}
                                    </Box>
                                </Box>
                                <Typed
                                    label={`from lot ${lot.id}`}
                                    value={from[lot.id] ?? ''}
                                    onChange={(mass) => setFrom((now) => ({ ...now, [lot.id]: mass }))}
                                />
                            </Flex>
                        );
                    })}
                    <Flex gap={2} wrap="wrap" align="center" mt={1}>
                        <Typed
                            label="casting"
                            value={out.casting}
                            onChange={(casting) => setOut((now) => ({ ...now, casting }))}
                        />
                        <Typed
                            label="button"
                            value={out.button}
                            onChange={(button) => setOut((now) => ({ ...now, button }))}
                        />
                        <Button
                            bg="verdigris"
                            color="onVerdigris"
                            minH="44px"
                            loading={write.isPending}
                            onClick={() => write.mutate()}
                        >
                            Write this charge
                        </Button>
                        <Box color="soft" fontSize="14px">
                            what is missing is the loss
                        </Box>
                    </Flex>
                </>
            )}
            {write.error ? (
                <Box role="alert" color="hot">
                    {write.error instanceof Refusal
                        ? Object.values(write.error.errors).flat().join(' ')
                        : write.error.message}
                </Box>
            ) : null}
        </Box>
    );
}
