import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { Link } from 'react-router';
import { Act } from '../../bench/Act';
import { Fetching } from '../../bench/Fetching';
import { Pick } from '../../bench/fields';
import { LevelMark } from '../../bench/marks';
import { Refused } from '../../bench/Refused';
import { useTalk } from '../../bench/talk';
import { useTitle } from '../../shell/useTitle';
import { barsOf, type Moving } from './bars';
import { asked, CostPanel } from './CostPanel';
import { Lanes } from './Lanes';
import { long, mattersOf, usePlan, usePlanChange, type Plan } from './plan';
import { at, DAY, dayOf } from '../../shell/zone';
import { StepPanel } from './StepPanel';

const ZOOMS: [string, string][] = [
    ['1', 'a day'],
    ['7', 'a week'],
    ['30', 'a month'],
    ['90', 'a quarter'],
];

/** The workshop's plan: lanes across days, what binds it, and what a change would cost. */
export default function PlanPage() {
    useTitle('Plan');
    const query = usePlan();
    const { data: plan } = query;
    if (!plan) return <Fetching words="Laying out the days…" query={query} />;
    return <Laid plan={plan} />;
}

function Laid({ plan }: { plan: Plan }) {
    const [days, setDays] = useState(window.innerWidth < 700 ? 1 : 7);
    const today = Math.floor(at(plan.now) / DAY) * DAY;
    const [from, setFrom] = useState(today);
    const [moving, setMoving] = useState<Moving | null>(null);
    const [chosen, setChosen] = useState<string | null>(null);
    const change = usePlanChange();
    const fix = () => {
        if (!moving) return;
        change.mutate(
            { method: 'POST', path: 'plan/fixed', body: asked(moving) },
            { onSuccess: () => setMoving(null) },
        );
    };
    const bar = chosen === null ? null : (barsOf(plan, days).find((one) => one.key === chosen) ?? null);
    return (
        <Box as="main" px={5} py={4}>
            <Flex align="center" gap={3} wrap="wrap" mb={2}>
                <Box as="h1" fontSize="24px" fontWeight="600">
                    Plan
                </Box>
                <Flex gap={1}>
                    <Act kind="line" aria-label="Earlier" onClick={() => setFrom(from - days * DAY)}>
                        ←
                    </Act>
                    <Act kind="line" onClick={() => setFrom(today)}>
                        Today
                    </Act>
                    <Act kind="line" aria-label="Later" onClick={() => setFrom(from + days * DAY)}>
                        →
                    </Act>
                </Flex>
                <Pick
                    label="How much is shown"
                    value={String(days)}
                    options={ZOOMS}
                    onChange={(zoom) => setDays(Number(zoom))}
                />
                <Box flex="1" minW="220px" fontWeight="600" data-testid="matters">
                    {mattersOf(plan)}
                </Box>
                <a className="way-on" href="/api/plan.csv">
                    as a table
                </a>
                <Link className="way-on" to={`/print/plan?from=${new Date(from).toISOString().slice(0, 10)}`}>
                    Print the week
                </Link>
            </Flex>
            {plan.jobs.length === 0 ? (
                <Box color="soft">
                    Nothing is to be planned.{' '}
                    <Link className="way-on" to="/jobs?new=1">
                        Take a commission
                    </Link>
                </Box>
            ) : (
                <Lanes
                    plan={plan}
                    from={from}
                    days={days}
                    moving={moving}
                    chosen={chosen}
                    onMove={setMoving}
                    onChoose={(one) => setChosen(one.key)}
                    onFix={fix}
                />
            )}
            <Box mt={4} display="grid" gap={4}>
                {moving ? <CostPanel moving={moving} onFix={fix} onLeave={() => setMoving(null)} /> : null}
                <Refused error={change.error} />
                {bar ? <StepPanel plan={plan} bar={bar} /> : null}
                <Said plan={plan} />
            </Box>
        </Box>
    );
}

/** What the plan warns of, and how good it is. */
function Said({ plan }: { plan: Plan }) {
    const talk = useTalk();
    const number = (name: string) => Number(plan.answer.results[name]?.value ?? 0);
    return (
        <Box as="section" aria-label="What the plan says" data-testid="plan-says">
            {plan.answer.findings.map((finding) => (
                <Flex key={finding.message} gap={2} align="start" py="2px">
                    <LevelMark level={finding.level} />
                    <Box>
                        {talk(finding.message)} <span style={{ opacity: 0.8 }}>{talk(finding.remedy)}</span>
                    </Box>
                </Flex>
            ))}
            {plan.past.map((one) => (
                <Box key={`${one.job} ${one.step}`}>
                    {one.step} of {one.job} was fixed for {dayOf(at(one.start))}, which is past: it goes free.
                </Box>
            ))}
            {plan.unplanned.map((one) => (
                <Box key={`${one.job} ${one.title}`} color="soft">
                    {one.job} {one.title}: {one.why}
                </Box>
            ))}
            <Box color="soft" mt={1} data-testid="bound">
                {number('burnouts_count')} {number('burnouts_count') === 1 ? 'burnout' : 'burnouts'};{' '}
                {number('late_min') > 0 ? `${long(number('late_min'))} late in all` : 'nothing is late'}; no
                plan can be less late than {long(number('least_late_min'))}, and none can end a job sooner, on
                average, by more than {long(number('sooner_min') / Math.max(1, plan.jobs.length))}.
            </Box>
        </Box>
    );
}
