import { Box } from '@chakra-ui/react';
import { useMutation } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { post } from '../api/client';
import type { Job, Lot } from '../api/types';
import { Act } from '../bench/Act';
import { useUnits, withUnit } from '../bench/units';
import { WideTable } from '../bench/WideTable';
import { useCatalogue } from '../shell/catalogue';
import { Ask, Section } from './parts';
import { useWeighed } from './useJobMetal';

/** The lots that stand, heaviest bar longest: followed, weighed, assayed, or made a job from. */
export function Lots({
    lots,
    onFollow,
    act,
}: {
    lots: Lot[];
    onFollow: (lot: number) => void;
    act: (path: string, body: unknown) => Promise<unknown>;
}) {
    const { units } = useUnits();
    const weighed = useWeighed();
    const go = useNavigate();
    const alloys = useCatalogue()?.decisions['brief.alloy']?.choices ?? [];
    const heaviest = Math.max(...lots.map((lot) => lot.mass));
    const start = useMutation({
        mutationFn: (lot: Lot) =>
            post<Job>('jobs', {
                client: lot.client_id === null ? null : { id: lot.client_id },
                changes: [{ path: 'brief.alloy', from: null, to: lot.alloy }],
            }),
        onSuccess: (job) => void go(`/jobs/${job.number}/brief`),
    });
    return (
        <Section title="Lots">
            <WideTable label="Lots">
                <tbody>
                    {lots.map((lot) => (
                        <tr key={lot.id} data-lot={lot.id}>
                            <td style={{ width: '45%' }}>
                                <Act
                                    kind="turn"
                                    minW="44px"
                                    px={1}
                                    aria-label={`follow lot ${lot.id}`}
                                    onClick={() => onFollow(lot.id)}
                                >
                                    {lot.id}
                                </Act>{' '}
                                {lot.name}
                                <Box as="span" color="soft">
                                    {' '}
                                    {lot.kind}
                                    {lot.origin ? ` · ${lot.origin}` : ''}
                                </Box>
                                <Box
                                    aria-hidden
                                    className="lot-bar"
                                    style={{ width: `${(lot.mass / heaviest) * 100}%` }}
                                />
                            </td>
                            <td>{lot.alloy.replaceAll('-', ' ')}</td>
                            <td>{lot.owner ?? 'the workshop'}</td>
                            <td>
                                <b>{weighed(lot.mass)}</b>
                            </td>
                            <td>
                                {lot.kind === 'unassayed' ? (
                                    <Ask
                                        words="assay"
                                        name={`assay lot ${lot.id}`}
                                        label="which alloy"
                                        done="it is that"
                                        quiet
                                        wide
                                        onDone={(alloy) =>
                                            act(`metal/lots/${lot.id}/assay`, {
                                                alloy: alloy.trim().toLowerCase().replaceAll(' ', '-'),
                                            })
                                        }
                                    />
                                ) : lot.kind === 'piece' || !alloys.includes(lot.alloy) ? null : (
                                    <Act
                                        kind="turn"
                                        aria-label={`start a job from lot ${lot.id}`}
                                        onClick={() => start.mutate(lot)}
                                    >
                                        a job from it
                                    </Act>
                                )}
                                <Ask
                                    words="weigh"
                                    name={`weigh lot ${lot.id}`}
                                    label="on the balance"
                                    done="keep"
                                    onDone={(mass) =>
                                        act(`metal/lots/${lot.id}/weigh`, {
                                            mass: withUnit(mass, 'mass', units),
                                        })
                                    }
                                />
                            </td>
                        </tr>
                    ))}
                </tbody>
            </WideTable>
        </Section>
    );
}
