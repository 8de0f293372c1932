import { Box } from '@chakra-ui/react';
import type { Job } from '../../api/types';
import { say, useUnits } from '../../bench/units';
import { Stands } from '../StoneParts';
import { isTicked, Tick } from '../Tick';
import type { Work } from '../useJob';
import { Section } from './Section';

interface Tool {
    kind: string;
    size: number | null;
    for: string;
    owned: boolean;
}
type Push = number | [number, number];

const BEFORE = {
    look: 'Stone looked at under the glass: chips, cracks, treatment',
    seat: 'Stone sits level in its seat, and does not rock; a rocking one is bedded on a soft packing',
    held: 'Piece held in pitch or a clamp; stone guarded from slips',
};
const AFTER = {
    tight: 'Tapped, and heard tight',
    level: 'Table level from two sides',
    whole: 'No chip since it went in',
    snags: 'No claw or edge catches on wool',
};

/** The setting station: checks, three rounds, claws, and the tools. */
export function SetParts({ work }: { work: Work }) {
    const job = work.job!;
    const pushes = job.answers['set.sequence']?.results.sequence?.value as Push[] | undefined;
    const rounds = job.answers['set.sequence']?.results.rounds?.value as { round: string }[] | undefined;
    if (!pushes)
        return (
            <Box py={8} textAlign="center" fontSize="18px" data-testid="no-stones">
                {job.document.stones.length === 0
                    ? 'No stone is entered at Stones: say there what is set, or that this station is not needed.'
                    : null}
            </Box>
        );
    const order = pushes.map((push) => (Array.isArray(push) ? push.join(' – ') : String(push))).join(' · ');
    return (
        <>
            <Checks title="Before" name="before" lines={BEFORE} work={work} />
            <Section name="rounds" title="Three rounds" hint={order}>
                {(rounds ?? []).map(({ round }) => (
                    <Box key={round}>
                        <Tick
                            path={`ticks.set-round-${round}`}
                            words={`${round} round: ${order}`}
                            work={work}
                        />
                        <Tick path={`ticks.set-level-${round}`} words="looked at the level" work={work} />
                    </Box>
                ))}
            </Section>
            <Claws job={job} />
            <Checks title="After" name="after" lines={AFTER} work={work} />
            <ToolTable job={job} />
            <Box maxW="420px">
                <Stands job={job} />
            </Box>
        </>
    );
}

function Checks({
    title,
    name,
    lines,
    work,
}: {
    title: string;
    name: string;
    lines: Record<string, string>;
    work: Work;
}) {
    const done = Object.keys(lines).filter((key) => isTicked(work, `ticks.set-${name}-${key}`)).length;
    return (
        <Section
            name={`set-${name}`}
            title={title}
            hint={`${done} of ${Object.keys(lines).length} looked at`}
        >
            {Object.entries(lines).map(([key, words]) => (
                <Tick key={key} path={`ticks.set-${name}-${key}`} words={words} work={work} />
            ))}
        </Section>
    );
}

/** Claws to notch, bend and shorten. */
function Claws({ job }: { job: Job }) {
    const { units } = useUnits();
    const claw = job.answers['seat.claw']?.results;
    if (!claw) return null;
    const length = (value: unknown) =>
        `${say(value, 'length', units).figure} ${say(value, 'length', units).unit}`;
    return (
        <Section name="claws" title="Claws">
            <Box as="ol" pl={5} listStyleType="decimal">
                <li>
                    Notch each {length(claw.notch?.value)} deep at the girdle’s height, no deeper than 40 % of
                    its {length(claw.wire?.value)} wire.
                </li>
                <li>At least {length(2)} stand above the girdle before it is set.</li>
                <li>Bend opposite pairs over the crown in the order above, soft first.</li>
                <li>Shorten to {length(1)} over the crown; cup the tips, and feel for snags.</li>
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
