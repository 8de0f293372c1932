import { Box } from '@chakra-ui/react';
import type { Row } from '../../bench/RowsTable';

/** A result of several rows, where each is of named figures. */
export function Listed({ title, rows }: { title: string; rows: unknown }) {
    const named = (Array.isArray(rows) ? rows : []).filter(
        (row): row is Row => typeof row === 'object' && row !== null && !Array.isArray(row),
    );
    if (named.length === 0 || named.length > 60) return null;
    const columns = Object.keys(named[0]!).filter((column) => named.some((row) => row[column] !== null));
    const cell = (value: unknown) =>
        typeof value === 'number'
            ? String(Number(value.toFixed(3)))
            : Array.isArray(value)
              ? value.join(', ')
              : String(value ?? '');
    return (
        <Box as="details" py={1}>
            <Box as="summary" minH="44px" pt={2} cursor="pointer" fontWeight="600">
                {title}
            </Box>
            <Box overflowX="auto">
                <table className="figures">
                    <thead>
                        <tr>
                            {columns.map((column) => (
                                <th key={column}>{column.replaceAll('_', ' ')}</th>
                            ))}
                        </tr>
                    </thead>
                    <tbody>
                        {named.map((row, at) => (
                            <tr key={at}>
                                {columns.map((column) => (
                                    <td key={column}>{cell(row[column])}</td>
                                ))}
                            </tr>
                        ))}
                    </tbody>
                </table>
            </Box>
        </Box>
    );
}
