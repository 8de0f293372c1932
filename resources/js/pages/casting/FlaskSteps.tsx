import { Box, Flex } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { post } from '../../api/client';
import { Act } from '../../bench/Act';
import { moment, say, useUnits } from '../../bench/units';
import type { Flask, Run, Tap } from './run';

/** A flask's steps, each tapped when it is done and taken back when tapped by mistake; the safety list before its pour. */
export function FlaskSteps({
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
    tap: Tap;
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
                        style={{ display: 'flex', alignItems: 'center', minHeight: 44 }}
                    >
                        {`${job.number} ${job.title}`}
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
            {next?.name === 'pour' ? <SafetyList flask={flask} safety={run.safety} tap={tap} /> : null}
            {next?.name === 'invest' || next?.name === 'stand' ? (
                <FlaskClock flask={flask} number={number} standing={next.name === 'stand'} />
            ) : null}
            {next?.name === 'quench' ? <Box color="soft">quench {flask.quench}</Box> : null}
            <Flex gap={2} mt={2}>
                {next ? (
                    <Act
                        kind="offer"
                        minH="46px"
                        onClick={() => void tap(`flasks/${flask.id}/step`, { step: next.name, done: true })}
                    >
                        {next.done}
                    </Act>
                ) : null}
                {last ? (
                    <Act
                        kind="quiet"
                        minH="46px"
                        onClick={() => void tap(`flasks/${flask.id}/step`, { step: last.name, done: false })}
                    >
                        not {last.done} after all
                    </Act>
                ) : null}
            </Flex>
        </Box>
    );
}

/** What is looked at before the pour. A tick stands as it was pressed while it is on its way. */
function SafetyList({ flask, safety, tap }: { flask: Flask; safety: string[]; tap: Tap }) {
    const [pressed, setPressed] = useState<Record<number, boolean>>({});
    const press = async (what: number, done: boolean) => {
        setPressed((now) => ({ ...now, [what]: done }));
        await tap(`flasks/${flask.id}/tick`, { what, done });
        setPressed((now) => {
            const next = { ...now };
            // Pressed once more meanwhile, it is still on its way.
            if (next[what] === done) delete next[what];
            return next;
        });
    };
    return (
        <Box mt={2}>
            <Box fontWeight="600">Before the torch is lit</Box>
            {safety.map((what, index) => (
                <label
                    key={what}
                    style={{ display: 'flex', gap: 8, minHeight: 44, alignItems: 'center', fontSize: 17 }}
                >
                    <input
                        type="checkbox"
                        style={{ width: 22, height: 22 }}
                        checked={pressed[index] ?? flask.ticks.includes(index)}
                        onChange={(event) => void press(index, event.target.checked)}
                    />
                    {what}
                </label>
            ))}
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
