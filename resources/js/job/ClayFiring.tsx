import { useMutation, useQueryClient } from '@tanstack/react-query';
import { post } from '../api/client';
import { Act } from '../bench/Act';
import { Section } from './bench/Section';
import type { Work } from './useJob';

interface Stage {
    ramp_to_c: number;
    ramp_min: number;
    hold_min: number;
}

/** The firing of a piece of clay: its stages, and a clock that rings at the end of each. */
export function ClayFiring({ work }: { work: Work }) {
    const job = work.job!;
    const queries = useQueryClient();
    const stages = (job.answers['clay.ring']?.results.stages?.value ?? []) as Stage[];
    const clock = stages.flatMap((stage) => [
        {
            stage: `climb to ${stage.ramp_to_c} °C`,
            minutes: stage.ramp_min,
            how: 'no faster than its sheet says',
        },
        { stage: 'hold', minutes: stage.hold_min, how: 'then off, and let it cool as its sheet says' },
    ]);
    const start = useMutation({
        mutationFn: () =>
            post('clocks', {
                job: job.number,
                label: 'firing',
                stages: clock.map(({ stage, how }, at) => ({
                    stage,
                    how,
                    until_min: clock.slice(0, at + 1).reduce((sum, one) => sum + one.minutes, 0),
                })),
            }),
        onSettled: () => queries.invalidateQueries({ queryKey: ['bench'] }),
    });
    if (stages.length === 0) return null;
    return (
        <Section
            name="clay-firing"
            title="Firing"
            hint="by the sheet of its sort"
            aside={
                <Act kind="main" loading={start.isPending} onClick={() => start.mutate()}>
                    Into the kiln: start
                </Act>
            }
        >
            <table className="figures" aria-label="Firing">
                <tbody>
                    {clock.map((one) => (
                        <tr key={one.stage}>
                            <td>{one.stage}</td>
                            <td>{Math.round(one.minutes)} min</td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </Section>
    );
}
