import { Box, Button, Flex } from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { get, post } from '../api/client';
import type { View } from '../api/types';
import { StickyFooter } from '../bench/StickyFooter';
import { LevelMark } from '../bench/marks';
import { moment, say, useUnits } from '../bench/units';
import { Drawing } from '../drawing/Drawing';
import { Act } from '../bench/Act';

interface Flask {
    id: number;
    flask: string;
    alloy: string;
    pour_c: number;
    jobs: { number: number; title: string }[];
    done: Record<string, { at: string; by: string }>;
    ticks: number[];
    mix: { powder: number; water: number; stand_min: number; clock: unknown[] };
    quench: string;
}
interface Run {
    id: number;
    state: 'planned' | 'burning' | 'over';
    ready_at: string | null;
    start_at: string | null;
    minutes: number;
    minute: number | null;
    kiln_c: number | null;
    planned_c: number | null;
    core_c: number | null;
    speed: number;
    speeds: number[];
    events: { kind: string; from: number; to: number | null }[];
    core: {
        above_620_min: number;
        findings: { level: 'stop' | 'caution' | 'note'; code: string; message: string; remedy: string }[];
    } | null;
    alarms: { id: number; code: string; minute: number; message: string; answered_at: string | null }[];
    gaps: { from: number; to: number }[];
    safety: string[];
    steps: { name: string; done: string }[];
    flask_rows: Flask[];
    view: View;
    chamber: View;
}

const POLL = 2000;
const BEFALL: [string, string][] = [
    ['door', 'open the door'],
    ['power', 'cut the power'],
    ['element', 'weaken an element'],
    ['thermocouple', 'pull the thermocouple'],
];
const clock = (minutes: number) =>
    `${Math.floor(minutes / 60)}:${String(Math.floor(minutes % 60)).padStart(2, '0')}`;

/** A burnout as it goes: planned against logged, what the core feels, its alarms, and each flask's steps. */
export default function RunPage() {
    const { run: id } = useParams();
    const queries = useQueryClient();
    const { units } = useUnits();
    const key = ['run', id];
    const { data: run } = useQuery({
        queryKey: key,
        queryFn: () => get<Run>(`casting/${id}`),
        refetchInterval: POLL,
    });
    const act = useMutation({
        mutationFn: ({ path, body }: { path: string; body: unknown }) => post<Run>(path, body),
        onSuccess: (answer) => queries.setQueryData(key, answer),
    });
    const tap = (path: string, body: unknown = {}) => act.mutate({ path, body });
    if (!run) return <Box p={8}>Looking into the kiln…</Box>;
    const heat = (c: number | null | undefined) =>
        c === null || c === undefined
            ? '–'
            : `${say(c, 'temperature', units).figure} ${say(c, 'temperature', units).unit}`;
    const alarms = run.alarms.filter((alarm) => alarm.answered_at === null);
    const left = run.minute === null ? null : run.minutes - run.minute;
    return (
        <>
            <Box as="main" px={5} py={4} flex="1">
                <Flex align="baseline" gap={3} wrap="wrap">
                    <Box as="h1" fontSize="24px" fontWeight="600">
                        Burnout {run.id}
                    </Box>
                    <Box color="soft">
                        {run.flask_rows.length} {run.flask_rows.length === 1 ? 'flask' : 'flasks'} ·{' '}
                        {run.state} · simulated kiln
                        {run.start_at && run.state === 'planned'
                            ? ` · switch on ${moment(run.start_at)}`
                            : ''}
                    </Box>
                </Flex>
                {alarms.map((alarm) => (
                    <Flex
                        key={alarm.id}
                        role="alert"
                        data-alarm={alarm.code}
                        bg="hot"
                        color="onHot"
                        p={3}
                        my={2}
                        gap={3}
                        align="center"
                        fontSize="18px"
                        fontWeight="600"
                    >
                        <Box flex="1">
                            Alarm, {clock(alarm.minute)} in: {alarm.message}
                        </Box>
                        <Button
                            variant="outline"
                            borderColor="onHot"
                            color="onHot"
                            minH="46px"
                            onClick={() => tap(`casting/${run.id}/alarms/${alarm.id}`)}
                        >
                            I have seen to it
                        </Button>
                    </Flex>
                ))}
                {act.error ? (
                    <Box role="alert" color="hot" my={1}>
                        {act.error.message}
                    </Box>
                ) : null}
                <Flex gap={6} direction={{ base: 'column', lg: 'row' }}>
                    <Box flex="1" minW={0}>
                        <Drawing view={run.view} height={420} box={() => null} />
                        <Box color="soft" fontSize="14px" textAlign="center">
                            thin: planned · thick: logged · dashed: core of the widest flask, by the model
                            {run.gaps.length > 0
                                ? ` · not watched ${run.gaps.map((gap) => `${clock(gap.from)} to ${clock(gap.to)}`).join(', ')}`
                                : ''}
                        </Box>
                        {run.core?.findings.map((finding) => (
                            <Box
                                key={finding.code}
                                borderLeftWidth="3px"
                                borderColor={finding.level === 'stop' ? 'hot' : 'brass'}
                                pl={3}
                                my={2}
                                data-finding={finding.code}
                            >
                                <Flex gap={2} align="center" fontWeight="600">
                                    <LevelMark level={finding.level} />
                                    {finding.level}: {finding.code.replaceAll('-', ' ')}
                                </Flex>
                                {finding.message} {finding.remedy}
                            </Box>
                        ))}
                        {run.state === 'burning' ? (
                            <Box borderTopWidth="1px" borderColor="rule" pt={2} mt={2}>
                                <Box fontWeight="600">The simulated kiln, to be played with</Box>
                                <Flex gap={2} wrap="wrap" mt={1}>
                                    {run.speeds.map((speed) => (
                                        <Button
                                            key={speed}
                                            variant="outline"
                                            borderColor={speed === run.speed ? 'verdigris' : 'rule'}
                                            color="ink"
                                            minH="44px"
                                            aria-pressed={speed === run.speed}
                                            onClick={() =>
                                                tap(`casting/${run.id}/kiln`, { do: 'speed', speed })
                                            }
                                        >
                                            {speed} ×
                                        </Button>
                                    ))}
                                    {BEFALL.map(([kind, words]) => {
                                        const on = run.events.some(
                                            (event) => event.kind === kind && event.to === null,
                                        );
                                        return (
                                            <Button
                                                key={kind}
                                                variant="outline"
                                                borderColor={on ? 'hot' : 'rule'}
                                                color="ink"
                                                minH="44px"
                                                aria-pressed={on}
                                                data-fault={kind}
                                                onClick={() =>
                                                    tap(`casting/${run.id}/fault`, { kind, on: !on })
                                                }
                                            >
                                                {on ? `put right: ${kind}` : words}
                                            </Button>
                                        );
                                    })}
                                </Flex>
                            </Box>
                        ) : null}
                    </Box>
                    <Box w={{ base: 'full', lg: '380px' }} flexShrink={0}>
                        <Drawing view={run.chamber} height={200} box={() => null} />
                        {run.flask_rows.map((flask, index) => (
                            <FlaskSteps
                                key={flask.id}
                                flask={flask}
                                number={index + 1}
                                run={run}
                                heat={heat}
                                tap={tap}
                            />
                        ))}
                    </Box>
                </Flex>
            </Box>
            <StickyFooter>
                {(
                    [
                        [heat(run.kiln_c), 'kiln now', 'kiln'],
                        [heat(run.planned_c), 'planned', 'planned'],
                        [heat(run.core_c), 'core, by the model', 'core'],
                        [left === null ? '–' : left > 0 ? `${clock(left)} h` : 'over', 'to the end', 'left'],
                        [
                            heat(run.flask_rows.find((flask) => !flask.done.pour)?.pour_c),
                            'flask at the next pour',
                            'next',
                        ],
                    ] as const
                ).map(([figure, label, name]) => (
                    <Box key={label} data-kiln={name}>
                        <Box
                            fontSize="34px"
                            fontWeight="600"
                            lineHeight="1.1"
                            color={name === 'kiln' ? 'hot' : 'ink'}
                        >
                            {figure}
                        </Box>
                        <Box color="soft" fontSize="14px">
                            {label}
                        </Box>
                    </Box>
                ))}
                <Box flex="1" />
                {run.state === 'planned' ? (
                    <Button
                        bg="verdigris"
                        color="onVerdigris"
                        h="50px"
                        px={6}
                        fontSize="17px"
                        onClick={() => tap(`casting/${run.id}/kiln`, { do: 'on' })}
                    >
                        Switch the kiln on
                    </Button>
                ) : run.state === 'burning' ? (
                    <Button
                        bg="ink"
                        color="paper"
                        h="50px"
                        px={6}
                        fontSize="17px"
                        onClick={() => tap(`casting/${run.id}/kiln`, { do: 'off' })}
                    >
                        Switch it off
                    </Button>
                ) : null}
            </StickyFooter>
        </>
    );
}

/** A flask's steps, each tapped when it is done and taken back when tapped by mistake; the safety list before its pour. */
function FlaskSteps({
    flask,
    number,
    run,
    heat,
    tap,
}: {
    flask: Flask;
    number: number;
    run: Run;
    heat: (c: number) => string;
    tap: (path: string, body?: unknown) => void;
}) {
    const next = run.steps.find((step) => !flask.done[step.name]);
    const last = [...run.steps].reverse().find((step) => flask.done[step.name]);
    return (
        <Box borderTopWidth="1px" borderColor="rule" py={3} data-flask={number}>
            <Box fontWeight="600">
                flask {number} · {flask.flask} · {flask.alloy.replaceAll('-', ' ')}, flask at{' '}
                {heat(flask.pour_c)}
            </Box>
            <Box fontSize="14.5px">
                {flask.jobs.map((job) => (
                    <Link
                        key={job.number}
                        to={`/jobs/${job.number}/pour`}
                        style={{ display: 'block', minHeight: 30 }}
                    >
                        {job.number} {job.title}
                    </Link>
                ))}
            </Box>
            <table className="figures">
                <tbody>
                    {run.steps
                        .filter((step) => flask.done[step.name])
                        .map((step) => (
                            <tr key={step.name}>
                                <td>{step.done}</td>
                                <td>
                                    {moment(flask.done[step.name]!.at)} {flask.done[step.name]!.by}
                                </td>
                            </tr>
                        ))}
                </tbody>
            </table>
            {next?.name === 'pour' ? (
                <Box mt={2}>
                    <Box fontWeight="600">Before the torch is lit</Box>
                    {run.safety.map((what, index) => (
                        <label
                            key={what}
                            style={{
                                display: 'flex',
                                gap: 8,
                                minHeight: 40,
                                alignItems: 'center',
                                fontSize: 17,
                            }}
                        >
                            <input
                                type="checkbox"
                                style={{ width: 22, height: 22 }}
                                checked={flask.ticks.includes(index)}
                                onChange={(event) =>
                                    tap(`flasks/${flask.id}/tick`, {
                                        what: index,
                                        done: event.target.checked,
                                    })
                                }
                            />
                            {what}
                        </label>
                    ))}
                </Box>
            ) : null}
            {next?.name === 'invest' || next?.name === 'stand' ? (
                <FlaskClock flask={flask} number={number} standing={next.name === 'stand'} />
            ) : null}
            {next?.name === 'quench' ? <Box color="soft">quench {flask.quench}</Box> : null}
            <Flex gap={2} mt={2}>
                {next ? (
                    <Act
                        kind="offer"
                        minH="46px"
                        onClick={() => tap(`flasks/${flask.id}/step`, { step: next.name, done: true })}
                    >
                        {next.done}
                    </Act>
                ) : null}
                {last ? (
                    <Act
                        kind="quiet"
                        minH="46px"
                        onClick={() => tap(`flasks/${flask.id}/step`, { step: last.name, done: false })}
                    >
                        not {last.done} after all
                    </Act>
                ) : null}
            </Flex>
        </Box>
    );
}

/** Powder and water of a flask, and its own clock: several flasks may run one after another. */
function FlaskClock({ flask, number, standing }: { flask: Flask; number: number; standing: boolean }) {
    const queries = useQueryClient();
    const { units } = useUnits();
    const grams = (mass: number) => `${say(mass, 'mass', units).figure} ${say(mass, 'mass', units).unit}`;
    const start = useMutation({
        mutationFn: () =>
            post('clocks', {
                job: flask.jobs[0]?.number,
                label: `flask ${number}`,
                stages: standing
                    ? [{ stage: 'stand', until_min: flask.mix.stand_min, how: 'do not move it' }]
                    : flask.mix.clock,
            }),
        onSettled: () => queries.invalidateQueries({ queryKey: ['bench'] }),
    });
    return (
        <Flex gap={3} align="center" wrap="wrap" mt={1}>
            {standing ? null : (
                <Box fontSize="20px" fontWeight="600">
                    {grams(flask.mix.powder)} powder, {grams(flask.mix.water)} water
                </Box>
            )}
            <Act kind="offer" minH="46px" onClick={() => start.mutate()}>
                {standing ? 'it stands: start its clock' : 'powder in: start its clock'}
            </Act>
        </Flex>
    );
}
