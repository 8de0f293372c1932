import { Box, Flex } from '@chakra-ui/react';
import { Link } from 'react-router';
import { LevelMark } from '../bench/marks';
import { useTalk } from '../bench/talk';
import { long, mattersOf, placedOf, runsOf, usePlan, type Plan } from './plan/plan';
import { at, clock, DAY, dayOf } from '../shell/zone';
import { StepLine } from './plan/StepPanel';

/** Steps of a person shown before the rest are counted. */
const SHOWN = 8;

/** What the plan says of today: the one line that matters, and each person's steps in order. */
export function TodayPlan() {
    const { data: plan, error } = usePlan();
    if (error && !plan) return <Box color="soft">The plan could not be fetched: {error.message}</Box>;
    if (!plan) return <Box color="soft">Laying out the day…</Box>;
    if (plan.jobs.length === 0) return null;
    return (
        <Box mb={6} data-testid="today-plan">
            <Box fontSize="21px" fontWeight="600" mb={3} data-testid="matters">
                {mattersOf(plan)}
            </Box>
            {plan.people.map((person) => (
                <Hands key={person.id} plan={plan} person={person.id} />
            ))}
            <Link className="way-on" to="/plan">
                The whole plan
            </Link>
        </Box>
    );
}

/** Whose day it is: steps that have a piece in it. What is done is gone from the plan, and so from here. */
function Hands({ plan, person }: { plan: Plan; person: string }) {
    const day = Math.floor(at(plan.now) / DAY) * DAY;
    const steps = placedOf(plan).filter(
        (step) =>
            step.by === person &&
            step.resource === 'person' &&
            step.pieces.some((piece) => at(piece.from) < day + DAY),
    );
    const minutes = steps.reduce(
        (sum, step) =>
            sum +
            step.pieces
                .filter((piece) => at(piece.from) < day + DAY)
                .reduce((all, piece) => all + (at(piece.to) - at(piece.from)) / 60_000, 0),
        0,
    );
    return (
        <Box as="section" mb={3} data-hands={person} aria-label={`${person} today`}>
            <Flex gap={3} align="baseline">
                <Box as="h2" fontSize="18px" fontWeight="600">
                    {person}
                </Box>
                <Box color="soft">
                    {steps.length === 0 ? 'nothing is planned today' : `${long(minutes)} of work today`}
                </Box>
            </Flex>
            {steps.slice(0, SHOWN).map((step) => (
                <StepLine key={`${step.job} ${step.step}`} plan={plan} step={step} brief />
            ))}
            {steps.length > SHOWN ? <Box color="soft">and {steps.length - SHOWN} more</Box> : null}
        </Box>
    );
}

/** Kiln, who is waited for, what is late and why, and what no plan holds. */
export function PlanNotices() {
    const talk = useTalk();
    const { data: plan } = usePlan();
    if (!plan) return null;
    const runs = runsOf(plan)
        .filter((run) => at(run.ready_at) >= at(plan.now))
        .slice(0, 3);
    return (
        <>
            <Box data-testid="planned-burnouts">
                <Box as="h2" fontSize="18px" fontWeight="600" mb={1}>
                    Kiln
                </Box>
                {runs.length === 0 ? <Box color="soft">No burnout is planned.</Box> : null}
                {runs.map((run) => (
                    <Box key={run.kiln + run.switch_on} py={1} borderBottomWidth="1px" borderColor="rule">
                        <Box as="span" color="hot" fontWeight="600">
                            {at(run.switch_on) < at(plan.now) ? 'on since' : 'on'} {dayOf(at(run.switch_on))}{' '}
                            {clock(at(run.switch_on))}
                        </Box>{' '}
                        for the pour at {clock(at(run.ready_at))}
                        {at(run.ready_at) - at(run.switch_on) > DAY
                            ? ` on ${dayOf(at(run.ready_at))}`
                            : ''}: {run.jobs.join(', ')}
                    </Box>
                ))}
            </Box>
            {plan.waiting.length > 0 ? (
                <Box data-testid="waited-for">
                    <Box as="h2" fontSize="18px" fontWeight="600" mb={1}>
                        Waited for
                    </Box>
                    {plan.waiting.map((one) => (
                        <Box key={one.job} color={one.overdue ? 'hot' : 'ink'}>
                            <Link className="way-on" to={`/jobs/${one.job}/wax`}>
                                {one.job}
                            </Link>{' '}
                            {one.whom}, since {dayOf(at(one.since))}
                            {one.overdue ? ': longer than usual' : ''}
                        </Box>
                    ))}
                </Box>
            ) : null}
            {plan.answer.findings.length + plan.unplanned.length + plan.past.length > 0 ? (
                <Box data-testid="at-risk">
                    <Box as="h2" fontSize="18px" fontWeight="600" mb={1}>
                        Late and at risk
                    </Box>
                    {plan.answer.findings.slice(0, 6).map((finding) => (
                        <Flex key={finding.message} gap={2} align="start" py="2px">
                            <LevelMark level={finding.level} />
                            <Box>
                                {talk(finding.message)}{' '}
                                <Box as="span" color="soft">
                                    {talk(finding.remedy)}
                                </Box>
                            </Box>
                        </Flex>
                    ))}
                    {plan.past.map((one) => (
                        <Box key={`${one.job} ${one.step}`}>
                            {one.step} of {one.job} was fixed for {dayOf(at(one.start))}, which is past.
                        </Box>
                    ))}
                    {plan.unplanned.map((one) => (
                        <Box key={`${one.job} ${one.title}`} color="soft">
                            {one.job} {one.title}: {one.why}
                        </Box>
                    ))}
                </Box>
            ) : null}
        </>
    );
}
