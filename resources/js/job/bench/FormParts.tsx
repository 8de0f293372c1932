import { Box } from '@chakra-ui/react';
import type { Catalogue, Job } from '../../api/types';
import { say, useUnits } from '../../bench/units';
import { answerOf } from '../answers';
import { DecisionRail } from '../DecisionRail';
import { Readings } from '../Readings';
import type { Work } from '../useJob';
import { Section } from './Section';

/** Result of a use that is told below its instruments: use, result, quantity, words. */
type Told = [string, string, string, string][];

const GROUPS: [string, string, string, Told][] = [
    [
        'form.plate',
        'Plates and discs',
        'a disc to be domed is cut larger',
        [
            ['plate.cut', 'blank', 'length', 'blank'],
            ['plate.cut', 'makes', 'count', 'the sheet gives'],
            ['plate.cut', 'mass_each', 'mass', 'each weighs'],
            ['plate.cut', 'edge', 'length', 'edge to file'],
        ],
    ],
    [
        'form.wire',
        'Rings of wire',
        'wound on a mandrel and sawn apart; a gauge is understood',
        [
            ['wire.ring', 'wire_total', 'length', 'wire to wind'],
            ['wire.ring', 'coil', 'length', 'coil, long'],
            ['wire.ring', 'outside', 'length', 'each, outside'],
        ],
    ],
    [
        'form.forge',
        'Forged or planished ends',
        'what an end loses in thickness it gains in length',
        [
            ['forge.length', 'length_after', 'length', 'it becomes'],
            ['forge.length', 'gained', 'length', 'longer by'],
            ['forge.length', 'anneals', 'count', 'annealings'],
        ],
    ],
    [
        'form.seam',
        'Feet and flats',
        'filed so that a collet sits on the band, or two rounds on each other',
        [
            ['seam.fit', 'crescent', 'length', 'crescent, deep'],
            ['seam.fit', 'left', 'length', 'left over it'],
            ['seam.fit', 'flat_depth', 'length', 'flat, deep'],
        ],
    ],
    [
        'form.ingot',
        'From an ingot',
        'rolled to the section of the shank',
        [
            ['ingot.length', 'length', 'length', 'it gives'],
            ['ingot.length', 'mass_wanted', 'mass', 'to melt for the shank'],
            ['ingot.length', 'anneals', 'count', 'annealings'],
        ],
    ],
    ['form.divide', 'Dividing, drilling, punching', 'each line from both edges', []],
    [
        'form.work',
        'Pressing, doming, stretching, drawing',
        'annealed before each pass',
        [
            ['anneal.passes', 'anneals', 'count', 'annealings'],
            ['anneal.passes', 'annealing', 'text', 'at'],
        ],
    ],
    [
        'form.inlay',
        'Inlay or sleeve',
        'one lip under, slip over, spread back',
        [
            ['inlay.fit', 'length', 'length', 'insert, long'],
            ['inlay.fit', 'groove_width', 'length', 'groove, wide'],
            ['inlay.fit', 'lip', 'length', 'each lip'],
            ['inlay.fit', 'passes', 'count', 'passes under, and back'],
        ],
    ],
];

const belongs = (prefix: string) => (path: string) =>
    path.startsWith(prefix) || (prefix === 'form.plate' && path.startsWith('form.sheet_'));

/** Paths that stand in these parts rather than among the station's instruments. */
export const isByHand = (path: string) => GROUPS.some(([prefix]) => belongs(prefix)(path));

/** Made by hand from stock: what is cut from it, and what is done to it. */
export function FormParts({ work, catalogue }: { work: Work; catalogue: Catalogue }) {
    const job = work.job!;
    return (
        <>
            <Readings
                group="cuts"
                title="Pieces from the stock"
                again="another piece"
                work={work}
                catalogue={catalogue}
            />
            <Cut job={job} />
            {GROUPS.map(([prefix, title, hint, told]) => (
                <Section key={prefix} name={prefix} title={title} hint={hint}>
                    <DecisionRail
                        paths={Object.keys(catalogue.decisions).filter(belongs(prefix))}
                        work={work}
                        catalogue={catalogue}
                    />
                    <Tell job={job} told={told} />
                    {prefix === 'form.divide' ? <Lines job={job} /> : null}
                </Section>
            ))}
        </>
    );
}

function Tell({ job, told }: { job: Job; told: Told }) {
    const { units } = useUnits();
    const known = told.filter(([use, result]) => answerOf(job, use)?.results[result] !== undefined);
    return (
        <Box textAlign="center">
            {known.map(([use, result, quantity, words]) => {
                const said = say(answerOf(job, use)?.results[result]?.value, quantity, units);
                return (
                    <Box as="span" key={result} px={3}>
                        {words}{' '}
                        <b data-told={`${use}.${result}`}>
                            {said.figure} {said.unit}
                        </b>
                    </Box>
                );
            })}
        </Box>
    );
}

function Cut({ job }: { job: Job }) {
    const { units } = useUnits();
    const cut = job.answers['stock.cut']?.results;
    if (!cut) return null;
    const left = say(cut.left_over?.value, 'length', units);
    const makes = (cut.still_makes?.value ?? []) as { name: string; count: number }[];
    return (
        <Box pb={2} data-testid="stock-left">
            <b>
                {left.figure} {left.unit}
            </b>{' '}
            of the stock are left; they still make{' '}
            {makes.map((one) => `${one.count} × ${one.name}`).join(', or ')}.
        </Box>
    );
}

interface Line {
    from_start?: number;
    from_end?: number;
    setting?: number;
}

function Lines({ job }: { job: Job }) {
    const { units } = useUnits();
    const lines = job.answers['form.divide']?.results.lines?.value as Record<string, number>[] | undefined;
    if (!lines) return null;
    const names = Object.keys(lines[0] ?? {}) as (keyof Line)[];
    return (
        <table className="figures" aria-label="Lines">
            <thead>
                <tr>
                    {names.map((name) => (
                        <th key={name}>{name.replaceAll('_', ' ').replace(' mm', '')}</th>
                    ))}
                </tr>
            </thead>
            <tbody>
                {lines.map((line, at) => (
                    <tr key={at}>
                        {names.map((name) => (
                            <td key={name}>
                                {typeof line[name] === 'number'
                                    ? say(line[name], name.includes('number') ? 'count' : 'length', units)
                                          .figure
                                    : String(line[name])}
                            </td>
                        ))}
                    </tr>
                ))}
            </tbody>
        </table>
    );
}
