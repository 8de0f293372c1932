import type { Job } from '../api/types';
import { say, useUnits } from '../bench/units';
import { Section } from './bench/Section';

interface Cell {
    sign: string;
    from_mm: number;
    to_mm: number;
    step_mm: number;
}

/** Each letter's cell: the divider setting from the line before, and the running sum. A space is a cell too. */
export function LetterTable({ job }: { job: Job }) {
    const { units } = useUnits();
    const cells = (job.answers['layout.lettering']?.results.cells?.value ?? []) as Cell[];
    if (cells.length === 0) return null;
    const said = (mm: number) => {
        const { figure, unit } = say(mm, 'length', units);
        return `${figure} ${unit}`;
    };
    return (
        <Section
            name="letters"
            title="Letters, line by line"
            hint="each with its divider setting and the sum so far"
        >
            <table className="figures" aria-label="Letters, line by line">
                <thead>
                    <tr>
                        <th>line</th>
                        <th>letter</th>
                        <th>divider</th>
                        <th>from</th>
                        <th>to</th>
                    </tr>
                </thead>
                <tbody>
                    {cells.map((cell, at) => (
                        <tr key={at}>
                            <td>{at + 1}</td>
                            <td>{cell.sign === ' ' ? 'space' : cell.sign}</td>
                            <td>{said(cell.step_mm)}</td>
                            <td>{said(cell.from_mm)}</td>
                            <td>{said(cell.to_mm)}</td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </Section>
    );
}
