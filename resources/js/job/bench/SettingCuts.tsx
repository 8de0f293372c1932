import type { Job } from '../../api/types';
import { say, useUnits } from '../../bench/units';
import { Section } from './Section';

interface Piece {
    name: string;
    kind: string;
    section: string | null;
    length_mm: number;
    count: number;
    alloy: string;
    mass_g: number;
}

/** What is cut from stock for the settings that are made apart. */
export function SettingCuts({ job }: { job: Job }) {
    const { units } = useUnits();
    const pieces = (job.answers['settings.cut']?.results.pieces?.value ?? []) as Piece[];
    if (pieces.length === 0) return null;
    const said = (value: number, quantity: string) => {
        const { figure, unit } = say(value, quantity, units);
        return `${figure} ${unit}`;
    };
    return (
        <Section
            name="setting-cuts"
            title="To cut for the settings"
            hint="a little over on each, for squaring"
        >
            <table className="figures" aria-label="To cut for the settings">
                <thead>
                    <tr>
                        <th>for</th>
                        <th>from</th>
                        <th>long</th>
                        <th>pieces</th>
                        <th>metal</th>
                    </tr>
                </thead>
                <tbody>
                    {pieces.map((piece, at) => (
                        <tr key={at}>
                            <td>{piece.name}</td>
                            <td>
                                {piece.kind} {piece.section ?? ''}
                            </td>
                            <td>{said(piece.length_mm, 'length')}</td>
                            <td>{piece.count}</td>
                            <td>
                                {said(piece.mass_g, 'mass')} {piece.alloy.replaceAll('-', ' ')}
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </Section>
    );
}
