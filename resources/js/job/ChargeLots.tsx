import { Box, Flex } from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { post } from '../api/client';
import { useUnits, withUnit } from '../bench/units';
import type { Sum } from '../api/types';
import type { Lot } from '../api/types';
import { useLocation, useNavigate, type Location } from 'react-router';
import { Typed } from '../bench/fields';
import { useJobMetal, useWeighed } from '../metal/useJobMetal';
import type { Work } from './useJob';
import { Act } from '../bench/Act';
import { Fetching } from '../bench/Fetching';
import { Refused } from '../bench/Refused';

/** The charge made up of named lots: it moves the metal and keeps the casting's masses, both or neither. */
export function ChargeLots({ work }: { work: Work }) {
    const queries = useQueryClient();
    const { units } = useUnits();
    const job = work.job!;
    const alloy = (job.document.decisions as Record<string, { value: string }>)['brief.alloy']?.value;
    const { data, query } = useJobMetal(work);
    // A lot may be brought here from the safe: it stands in the charge already.
    const go = useNavigate();
    const { pathname, search, state } = useLocation() as Location<{ lot?: number } | null>;
    const [from, setFrom] = useState<Record<number, string>>({});
    const [out, setOut] = useState({ casting: '', button: '' });
    const lots = data?.of_alloy ?? [];
    const charge = job.answers['metal.charge']?.results.charge_mass?.value as number | undefined;
    // Of a lot that was brought, what is wanted and no more than there is, until another mass is said.
    const said = (lot: Lot) =>
        from[lot.id] ??
        (lot.id === state?.lot ? `${Math.min(lot.mass, charge ?? lot.mass).toFixed(3)} g` : '');
    const taken = lots
        .filter((lot) => said(lot).trim() !== '')
        .map((lot) => ({ lot, mass: withUnit(said(lot), 'mass', units) }));
    const write = useMutation({
        mutationFn: () =>
            post(`jobs/${job.number}/charge`, {
                lots: taken.map(({ lot, mass }) => ({ lot: lot.id, mass })),
                casting: withUnit(out.casting, 'mass', units),
                button: out.button === '' ? 0 : withUnit(out.button, 'mass', units),
            }),
        onSuccess: () => {
            setFrom({});
            setOut({ casting: '', button: '' });
            // Written, it is brought no more: the next charge begins empty, after a reload too.
            void go(pathname + search, { replace: true, state: null });
            void queries.invalidateQueries({ queryKey: ['metal'] });
            void work.refetch();
        },
    });
    const chosen = taken.map(({ lot, mass }) => ({ mass, fineness: lot.fineness }));
    const { data: sum } = useQuery({
        queryKey: ['charge', chosen],
        queryFn: () => post<Sum>('sums/alloy.mix', { lots: chosen, target_fineness: chosen[0]!.fineness }),
        enabled: chosen.length > 0,
        retry: false,
    });
    const weighed = useWeighed();
    const together = sum?.answer.results.final_mass?.value as number | undefined;
    const wanted = lots[0]?.fineness;
    const others = wanted === undefined ? [] : (data?.of_metal ?? []);
    return (
        <Box borderTopWidth="1px" borderColor="rule" pt={3} pb={3} data-testid="charge-lots">
            <Box fontWeight="600">The charge, from the metal account</Box>
            {!data ? (
                <Fetching words="Looking into the account…" query={query} />
            ) : lots.length === 0 ? (
                <Box color="soft">
                    There is no {alloy?.replaceAll('-', ' ') ?? 'such metal'} in the account for this job.
                    Receive some on the Metal page.
                </Box>
            ) : (
                <>
                    {lots.map((lot) => {
                        return (
                            <Flex key={lot.id} gap={3} align="center" py={1}>
                                <Box flex="1">
                                    <b>{lot.id}</b> {lot.name}
                                    <Box as="span" color="soft">
                                        {' '}
                                        {lot.kind}, {weighed(lot.mass)}
                                        {lot.owner ? `, ${lot.owner}’s` : ''}
                                    </Box>
                                </Box>
                                <Typed
                                    label={`from lot ${lot.id}`}
                                    value={said(lot)}
                                    onChange={(mass) => setFrom((now) => ({ ...now, [lot.id]: mass }))}
                                />
                            </Flex>
                        );
                    })}
                    {chosen.length > 0 && together !== undefined ? (
                        <Box role="status" data-testid="charge-chosen" fontWeight="600" pt={1}>
                            {weighed(together)} chosen
                            {charge === undefined
                                ? ''
                                : ` of ${weighed(charge)} wanted: ${
                                      together < charge - 0.0005
                                          ? `${weighed(charge - together)} short`
                                          : `${weighed(together - charge)} over`
                                  }`}
                        </Box>
                    ) : null}
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
                        <Act kind="main" loading={write.isPending} onClick={() => write.mutate()}>
                            Write this charge
                        </Act>
                        <Box color="soft" fontSize="14px">
                            what is missing is the loss
                        </Box>
                    </Flex>
                </>
            )}
            {wanted !== undefined && others.length > 0 ? <Mixing lots={others} target={wanted} /> : null}
            <Refused error={write.error} />
        </Box>
    );
}

/** Lots of another fineness, and what brings them to this one. */
function Mixing({ lots, target }: { lots: Lot[]; target: number }) {
    const { units } = useUnits();
    const [from, setFrom] = useState<Record<number, string>>({});
    const chosen = lots
        .filter((lot) => (from[lot.id] ?? '').trim() !== '')
        .map((lot) => ({ mass: withUnit(from[lot.id]!, 'mass', units), fineness: lot.fineness }));
    const { data, error } = useQuery({
        queryKey: ['mixing', target, chosen],
        queryFn: () => post<Sum>('sums/alloy.mix', { lots: chosen, target_fineness: target }),
        enabled: chosen.length > 0,
        retry: false,
    });
    const result = (name: string) => data?.answer.results[name]?.value;
    const weighed = useWeighed();
    const grams = (mass: unknown) => (typeof mass === 'number' ? weighed(mass) : '–');
    return (
        <Box as="details" mt={2} data-testid="mixing">
            <Box as="summary" minH="44px" pt={2} cursor="pointer" color="soft">
                bring lots of another fineness to {target}
            </Box>
            {lots.map((lot) => (
                <Flex key={lot.id} gap={3} align="center" py={1}>
                    <Box flex="1">
                        <b>{lot.id}</b> {lot.name}, {lot.alloy.replaceAll('-', ' ')}, {grams(lot.mass)}
                    </Box>
                    <Typed
                        label={`melt of lot ${lot.id}`}
                        value={from[lot.id] ?? ''}
                        onChange={(mass) => setFrom((now) => ({ ...now, [lot.id]: mass }))}
                    />
                </Flex>
            ))}
            {chosen.length > 0 && data ? (
                <Box fontSize="20px" fontWeight="600">
                    add {grams(result('added_mass'))} of {String(result('added'))}: it makes{' '}
                    {grams(result('final_mass'))}
                </Box>
            ) : null}
            <Refused error={error} />
            <Box color="soft" fontSize="14px">
                Melt them together on the Metal page first; then charge from that lot.
            </Box>
        </Box>
    );
}
