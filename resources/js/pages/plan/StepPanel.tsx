import { Box, Flex } from '@chakra-ui/react';
import { Link } from 'react-router';
import { Act } from '../../bench/Act';
import { Refused } from '../../bench/Refused';
import type { Bar } from './bars';
import { jobsOf, long, usePlanChange, type Placed, type Plan } from './plan';
import { at, clock, dayOf } from '../../shell/zone';

/** What is known of a step, and what can be done with it: started, paused, ended, fixed where it is, let go free. */
export function StepPanel({ plan, bar }: { plan: Plan; bar: Bar }) {
    const job = plan.jobs.find((one) => String(one.number) === bar.job);
    const row = jobsOf(plan).find((one) => one.job === bar.job);
    return (
        <Box as="section" aria-label={`Job ${bar.job}`} data-testid="step-panel">
            <Flex gap={3} align="baseline" wrap="wrap">
                <Box as="h2" fontSize="18px" fontWeight="600" dir="auto">
                    {bar.job} {job?.title}
                </Box>
                <Link className="way-on" to={`/jobs/${bar.job}/${bar.steps[0]?.station ?? ''}`}>
                    Open the job
                </Link>
                {row?.ends ? (
                    <Box color={row.late_min > 0 ? 'hot' : 'soft'}>
                        ends {dayOf(at(row.ends))} {clock(at(row.ends))}
                        {row.late_min > 0
                            ? `, ${long(row.late_min)} late`
                            : row.slack_min === null
                              ? ''
                              : `, ${long(row.slack_min)} to spare`}
                    </Box>
                ) : null}
            </Flex>
            {bar.steps.map((step) => (
                <StepLine key={`${step.job} ${step.step}`} plan={plan} step={step} />
            ))}
        </Box>
    );
}

/** One step with its hours and its buttons; also on Today. */
export function StepLine({ plan, step, brief = false }: { plan: Plan; step: Placed; brief?: boolean }) {
    const change = usePlanChange();
    const worked = plan.worked.find((one) => one.job === step.job && one.step === step.step);
    const act = (does: string) =>
        change.mutate({ method: 'POST', path: `jobs/${step.job}/steps/${step.step}`, body: { do: does } });
    const minutes = step.pieces.reduce((sum, one) => sum + (at(one.to) - at(one.from)) / 60_000, 0);
    const isWork = step.resource === 'person';
    return (
        <Flex
            gap={3}
            align="center"
            wrap="wrap"
            py={1}
            borderBottomWidth="1px"
            borderColor="rule"
            data-step={`${step.job} ${step.step}`}
        >
            <Box minW="96px" whiteSpace="nowrap">
                {brief ? '' : `${dayOf(at(step.start))} `}
                {clock(at(step.start))}
            </Box>
            <Box flex="1" minW="180px">
                {brief ? (
                    <Link to={`/jobs/${step.job}/${step.station}`} className="way-on">
                        {step.job} {step.what}
                    </Link>
                ) : (
                    step.what
                )}{' '}
                <Box as="span" color="soft">
                    {isWork
                        ? long(minutes)
                        : `${step.by ?? ''}, ${long((at(step.end) - at(step.start)) / 60_000)}`}
                    {brief || step.binds === 'nothing' ? '' : `; waits for: ${step.binds}`}
                    {worked ? `; ${long(worked.minutes)} spent` : ''}
                </Box>
            </Box>
            {isWork ? (
                <Flex gap={1}>
                    {worked?.running_since ? (
                        <Act
                            kind="line"
                            onClick={() => act('pause')}
                            aria-label={`Pause ${step.what} of ${step.job}`}
                        >
                            Pause
                        </Act>
                    ) : (
                        <Act
                            kind="line"
                            onClick={() => act('start')}
                            aria-label={`Start ${step.what} of ${step.job}`}
                        >
                            {worked ? 'Go on' : 'Start'}
                        </Act>
                    )}
                    <Act
                        kind="quiet"
                        onClick={() => act('end')}
                        aria-label={`${step.what} of ${step.job} is done`}
                    >
                        Done
                    </Act>
                </Flex>
            ) : null}
            {brief || !isWork ? null : step.fixed ? (
                <Act
                    kind="quiet"
                    onClick={() =>
                        change.mutate({ method: 'DELETE', path: `jobs/${step.job}/steps/${step.step}/fixed` })
                    }
                >
                    Let it go free
                </Act>
            ) : (
                <Act
                    kind="quiet"
                    onClick={() =>
                        change.mutate({
                            method: 'POST',
                            path: 'plan/fixed',
                            body: { job: step.job, step: step.step, start: step.start, by: step.by },
                        })
                    }
                >
                    Fix it here
                </Act>
            )}
            <Refused error={change.error} />
        </Flex>
    );
}
