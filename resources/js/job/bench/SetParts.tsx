import { Link } from 'react-router';
import { Box } from '@chakra-ui/react';
import type { Job } from '../../api/types';
import { say, useUnits } from '../../bench/units';
import { Stands } from '../StoneParts';
import { isTicked, Tick } from '../Tick';
import type { Results } from '../../api/results';
import type { Work } from '../useJob';
import { Section } from './Section';

interface Tool {
    kind: string;
    size: number | null;
    for: string;
    owned: boolean;
}
interface Look {
    key: string;
    words: string;
}
type Push = number | [number, number];

/** The setting station: checks, three rounds, claws, and the tools. */
export function SetParts({ work }: { work: Work }) {
    const job = work.job!;
    const results = job.answers['set.sequence']?.results;
    const pushes = results?.sequence?.value as Push[] | undefined;
    const rounds = results?.rounds?.value as { round: string }[] | undefined;
    const listed = (name: keyof Results['set.sequence']) => (results?.[name]?.value ?? []) as Look[];
    if (!pushes)
        return (
            <Box py={8} textAlign="center" fontSize="18px" data-testid="no-stones">
                {job.document.stones.length === 0
                    ? 'No stone is entered at Stones: say there what is set, or that this station is not needed.'
                    : null}
            </Box>
        );
    const first = job.page.settings[0]?.key;
    const mine = job.page.setting === first || !first ? '' : `-${job.page.setting}`;
    const order = pushes.map((push) => (Array.isArray(push) ? push.join(' – ') : String(push))).join(' · ');
    return (
        <>
            <Checks title="Before" name="before" lines={listed('before')} work={work} />
            <Section name="rounds" title="Three rounds" hint={order}>
                {(rounds ?? []).map(({ round }) => (
                    <Box key={round}>
                        <Tick
                            path={`ticks.set-round-${round}${mine}`}
                            words={`${round} round: ${order}`}
                            work={work}
                        />
                        <Tick
                            path={`ticks.set-level-${round}${mine}`}
                            words="looked at the level"
                            work={work}
                        />
                    </Box>
                ))}
            </Section>
            <Link className="way-on" to={`/rehearse/push/${String(results?.steps?.value)}`}>
                Rehearse the pushing order
            </Link>
            <Claws steps={(results?.claws?.value ?? []) as { step: string }[]} />
            <Checks title="After" name="after" lines={listed('after')} work={work} />
            <ToolTable job={job} />
            <Box maxW="420px">
                <Stands job={job} />
            </Box>
        </>
    );
}

function Checks({ title, name, lines, work }: { title: string; name: string; lines: Look[]; work: Work }) {
    const done = lines.filter(({ key }) => isTicked(work, `ticks.set-${name}-${key}`)).length;
    return (
        <Section name={`set-${name}`} title={title} hint={`${done} of ${lines.length} looked at`}>
            {lines.map(({ key, words }) => (
                <Tick key={key} path={`ticks.set-${name}-${key}`} words={words} work={work} />
            ))}
        </Section>
    );
}

/** Claws to notch, bend and shorten. */
function Claws({ steps }: { steps: { step: string }[] }) {
    if (steps.length === 0) return null;
    return (
        <Section name="claws" title="Claws">
            <Box as="ol" pl={5} listStyleType="decimal">
                {steps.map(({ step }) => (
                    <li key={step}>{step}</li>
                ))}
            </Box>
        </Section>
    );
}

function ToolTable({ job }: { job: Job }) {
    const { units } = useUnits();
    const tools = job.answers['tools.list']?.results.tools?.value as Tool[] | undefined;
    if (!tools) return null;
    return (
        <Section name="tools" title="Burs, drills and tools" hint="what is owned is kept in the Shop">
            <table className="figures" aria-label="Tools for this job">
                <tbody>
                    {tools.map((tool) => {
                        const said = say(tool.size, 'length', units);
                        return (
                            <tr key={`${tool.kind} ${tool.size}`}>
                                <td>{tool.kind.replaceAll('-', ' ')}</td>
                                <td>{tool.size === null ? '' : `${said.figure} ${said.unit}`}</td>
                                <td>{tool.for}</td>
                                <td>{tool.owned ? 'owned' : <b>missing</b>}</td>
                            </tr>
                        );
                    })}
                </tbody>
            </table>
        </Section>
    );
}
