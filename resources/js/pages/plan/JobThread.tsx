import { Box } from '@chakra-ui/react';
import { jobsOf, long, placedOf, usePlan } from './plan';
import { at, clock, dayOf } from '../../shell/zone';
import { WideTable } from '../../bench/WideTable';

/** A job's own steps with their days, as the plan has them now. */
export function JobThread({ number }: { number: string }) {
    const { data: plan } = usePlan();
    const steps = plan ? placedOf(plan).filter((one) => one.job === number) : [];
    const job = plan ? jobsOf(plan).find((one) => one.job === number) : undefined;
    if (steps.length === 0) return null;
    return (
        <Box as="section" mt={3} data-testid="thread">
            {job?.ends ? (
                <Box color={job.late_min > 0 ? 'hot' : 'ink'}>
                    Planned to end {dayOf(at(job.ends))} {clock(at(job.ends))}
                    {job.late_min > 0 ? `, ${long(job.late_min)} late` : ''}.
                </Box>
            ) : null}
            <WideTable label="Steps with their days">
                <tbody>
                    {steps.map((step) => (
                        <tr key={step.step} data-planned={step.step}>
                            <td>{step.what}</td>
                            <td>{step.by}</td>
                            <td>
                                {dayOf(at(step.start))} {clock(at(step.start))}
                            </td>
                        </tr>
                    ))}
                </tbody>
            </WideTable>
        </Box>
    );
}
