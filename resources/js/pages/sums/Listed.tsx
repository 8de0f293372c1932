import { Box } from '@chakra-ui/react';
import type { Schemas } from '../../api/types';
import type { Row } from '../../bench/RowsTable';
import { say, useUnits, type Units } from '../../bench/units';

type Column = Schemas['Sum']['columns'][string][number];

/** A result of several rows, where each is of named figures. */
export function Listed({ title, rows, columns }: { title: string; rows: unknown; columns: Column[] }) {
    const { units } = useUnits();
    const named = (Array.isArray(rows) ? rows : []) as Row[];
    if (named.length === 0 || named.length > 60) return null;
    const shown = columns.filter(({ name }) => named.some((row) => row[name] !== null));
    return (
        <Box as="details" py={1}>
            <Box as="summary" minH="44px" pt={2} cursor="pointer" fontWeight="600">
                {title}
            </Box>
            <Box overflowX="auto" tabIndex={0} role="group" aria-label={title}>
                <table className="figures">
                    <thead>
                        <tr>
                            {shown.map(({ name, label }) => (
                                <th key={name}>{label}</th>
                            ))}
                        </tr>
                    </thead>
                    <tbody>
                        {named.map((row, at) => (
                            <tr key={at}>
                                {shown.map((column) => (
                                    <td key={column.name}>{cell(row[column.name], column, units)}</td>
                                ))}
                            </tr>
                        ))}
                    </tbody>
                </table>
            </Box>
        </Box>
    );
}

function cell(value: unknown, { quantity }: Column, units: Units): string {
    if (typeof value === 'number' || typeof value === 'boolean') {
        const said = say(value, quantity, units);
        return `${said.figure} ${said.unit}`.trim();
    }
    return Array.isArray(value) ? value.join(', ') : String(value ?? '').replaceAll('-', ' ');
}
