import { useMutation, useQueryClient } from '@tanstack/react-query';
import { post } from '../../api/client';
import { Stands } from '../StoneParts';
import { isTicked, Tick } from '../Tick';
import type { Work } from '../useJob';
import { OrderList } from './OrderList';
import { Section } from './Section';
import { Act } from '../../bench/Act';

/** The finishing station: its steps in order, none skipped, and the tumbler's clock. */
export function FinishParts({ work }: { work: Work }) {
    const job = work.job!;
    const queries = useQueryClient();
    const plan = job.answers['finish.plan']?.results;
    const steps = ((plan?.steps?.value ?? []) as { step: string }[]).map((one) => one.step);
    const minutes = plan?.tumbling?.value as number | undefined;
    const start = useMutation({
        mutationFn: () =>
            post('clocks', {
                job: job.number,
                label: 'tumbler',
                stages: [{ stage: 'tumbling', until_min: minutes, how: 'then rinse and look' }],
            }),
        onSettled: () => queries.invalidateQueries({ queryKey: ['bench'] }),
    });
    /** A step keeps its tick when another comes before it. */
    const path = (step: string) =>
        `ticks.${`finish-${step.toLowerCase().replaceAll(/[^a-z0-9]+/g, '-')}`.slice(0, 60)}`;
    const done = steps.filter((step) => isTicked(work, path(step))).length;
    return (
        <>
            <Section
                name="finish-steps"
                title="Steps, in order"
                hint={`${done} of ${steps.length} done`}
                aside={
                    minutes ? (
                        <Act kind="main" loading={start.isPending} onClick={() => start.mutate()}>
                            Into the tumbler: start
                        </Act>
                    ) : null
                }
            >
                {steps.map((step) => (
                    <Tick key={step} path={path(step)} words={step} work={work} />
                ))}
            </Section>
            <OrderList job={job} />
            <Stands job={job} />
        </>
    );
}
