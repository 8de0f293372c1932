import { Box } from '@chakra-ui/react';
import type { Catalogue, Job } from '../api/types';
import { say, useUnits } from '../bench/units';
import { DecisionRail } from './DecisionRail';
import { drawnPaths } from './instruments';
import type { Work } from './useJob';

const GROUPS: [string, string, string][] = [
    ['stones.after_', 'What still comes after setting', 'each is held against every stone'],
];

/** What still comes after setting. */
export function Composer({ work, catalogue }: { work: Work; catalogue: Catalogue }) {
    const drawn = drawnPaths(work.job!);
    return (
        <>
            {GROUPS.map(([prefix, title, hint]) => (
                <Box key={prefix} borderTopWidth="1px" borderColor="rule" pt={2} data-composer={prefix}>
                    <Box fontWeight="600">
                        {title}{' '}
                        <Box as="span" fontWeight="400" color="soft" fontSize="14px">
                            {hint}
                        </Box>
                    </Box>
                    <DecisionRail
                        paths={Object.keys(catalogue.decisions).filter(
                            (path) => path.startsWith(prefix) && !drawn.has(path),
                        )}
                        work={work}
                        catalogue={catalogue}
                    />
                </Box>
            ))}
        </>
    );
}

interface Tool {
    tool: string;
    mm: number;
}

/** Drills, burs and wires that the chosen seat wants, in the order of work. */
export function Tools({ job }: { job: Job }) {
    const { units } = useUnits();
    const seat = job.answers['seat.round']?.results.tools?.value as Tool[] | undefined;
    const claw = job.answers['seat.claw']?.results;
    const number = job.answers['seat.round']?.results.tool?.value as string | undefined;
    const tools: Tool[] = [
        ...(seat ?? []),
        ...(claw?.pilot
            ? [
                  { tool: 'pilot drill for the claws', mm: claw.pilot.value as number },
                  { tool: 'claw wire', mm: claw.wire!.value as number },
                  { tool: 'cup bur for the claw tips', mm: claw.wire!.value as number },
              ]
            : []),
    ];
    if (tools.length === 0) return null;
    return (
        <Box borderTopWidth="1px" borderColor="rule" pt={2} pb={3} maxW="420px">
            <Box fontWeight="600">Burs, drills and tools</Box>
            <table className="figures" aria-label="Tools">
                <tbody>
                    {tools.map((tool) => (
                        <tr key={tool.tool}>
                            <td>
                                {tool.tool}
                                {tool.tool.startsWith('beading') && number ? `, number ${number}` : ''}
                            </td>
                            <td>
                                {say(tool.mm, 'length', units).figure} {say(tool.mm, 'length', units).unit}
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </Box>
    );
}

interface Stand {
    stone: string;
    step: string;
    stands: 'y' | 'c' | 'n';
}
const WORDS = { y: 'yes', c: 'with care', n: 'no' } as const;

/** What each stone stands once it is set. */
export function Stands({ job }: { job: Job }) {
    const rows = job.answers['care.check']?.results.stands?.value as Stand[] | undefined;
    if (!rows) return null;
    const stones = [...new Set(rows.map((row) => row.stone))];
    return (
        <Box aria-label="What the stones stand" role="group">
            <Box fontWeight="600">What they stand, once set</Box>
            {stones.map((stone) => (
                <table key={stone} className="figures">
                    <caption style={{ textAlign: 'left' }}>{stone}</caption>
                    <tbody>
                        {rows
                            .filter((row) => row.stone === stone)
                            .map((row) => (
                                <tr key={row.step}>
                                    <td>{row.step}</td>
                                    <td>{WORDS[row.stands]}</td>
                                </tr>
                            ))}
                    </tbody>
                </table>
            ))}
        </Box>
    );
}
