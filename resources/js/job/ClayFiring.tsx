import { Flex } from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { get, post, send } from '../api/client';
import type { Casting } from '../api/types';
import { Act } from '../bench/Act';
import { When } from '../bench/fields';
import { say, useUnits } from '../bench/units';
import { Said } from '../metal/parts';
import { Section } from './bench/Section';
import type { Work } from './useJob';

interface Stage {
    ramp_to_c: number;
    ramp_min: number;
    hold_min: number;
}
type Sort = Record<string, unknown> & { name: string };

/** The firing of a piece of clay: its stages, its place in the kiln, and what it shrank for the workshop’s list. */
export function ClayFiring({ work }: { work: Work }) {
    const job = work.job!;
    const go = useNavigate();
    const queries = useQueryClient();
    const { units } = useUnits();
    const [ready, setReady] = useState('');
    const stages = (job.answers['clay.ring']?.results.stages?.value ?? []) as Stage[];
    const { data } = useQuery({
        queryKey: ['casting'],
        queryFn: () => get<Casting>('casting'),
        enabled: stages.length > 0,
    });
    const mine = data?.runs.filter(
        (run) => run.kind === 'firing' && run.jobs.some((one) => one.number === job.number),
    );
    const standing = mine?.find((run) => run.state !== 'over');
    const plan = useMutation({
        mutationFn: async () => {
            await work.saved();
            return post<{ id: number }>(`jobs/${job.number}/firing`, {
                ready_at: ready === '' ? null : ready,
            });
        },
        onSuccess: (run) => {
            void queries.invalidateQueries({ queryKey: ['casting'] });
            void go(`/casting/${run.id}`);
        },
    });
    if (stages.length === 0) return null;
    const heat = (c: number) => `${say(c, 'temperature', units).figure} ${say(c, 'temperature', units).unit}`;
    return (
        <Section name="clay-firing" title="Firing" hint="by the sheet of its sort">
            <table className="figures" aria-label="Firing">
                <tbody>
                    {stages.map((one) => (
                        <tr key={one.ramp_to_c}>
                            <td>climb to {heat(one.ramp_to_c)}</td>
                            <td>{Math.round(one.ramp_min)} min</td>
                            <td>hold</td>
                            <td>{Math.round(one.hold_min)} min</td>
                        </tr>
                    ))}
                </tbody>
            </table>
            {mine?.map((run) => (
                <Link key={run.id} className="way-on" to={`/casting/${run.id}`}>
                    firing {run.id}, {run.state}
                </Link>
            ))}
            {standing ? null : (
                <Flex gap={2} wrap="wrap" align="end" mt={1}>
                    <When label="fired through at" value={ready} onChange={setReady} />
                    <Act kind="main" loading={plan.isPending} onClick={() => plan.mutate()}>
                        Plan the firing
                    </Act>
                </Flex>
            )}
            <Said words={plan.error?.message ?? null} />
            <Shrunk work={work} />
        </Section>
    );
}

/** What the piece shrank, taken into the workshop’s list for the next one of its sort. */
function Shrunk({ work }: { work: Work }) {
    const job = work.job!;
    const queries = useQueryClient();
    const shrank = job.answers['clay.ring']?.results.shrinkage_measured?.value;
    const sort = job.inputs['clay.ring']?.clay?.value;
    const keep = useMutation({
        mutationFn: async (share: number) => {
            const shop = await get<{ figures: Record<string, { value: unknown }> }>('shop');
            const sorts = (shop.figures['stock.clays']?.value ?? []) as Sort[];
            return send('PUT', 'shop', {
                'stock.clays': sorts.map((one) => (one.name === sort ? { ...one, shrinkage: share } : one)),
            });
        },
        onSuccess: () => void queries.invalidateQueries({ queryKey: ['shop'] }),
    });
    if (typeof shrank !== 'number' || typeof sort !== 'string') return null;
    const share = Math.round(shrank * 1000) / 1000;
    return (
        <Flex gap={2} wrap="wrap" align="center" mt={1}>
            <Act kind="line" loading={keep.isPending} onClick={() => keep.mutate(share)}>
                Reckon the next of this sort with {(100 * share).toFixed(1)} %
            </Act>
            {keep.data ? <span role="status">It stands in Shop now; this job keeps its own.</span> : null}
            <Said words={keep.error?.message ?? null} />
        </Flex>
    );
}
