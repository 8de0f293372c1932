import { Box, Input, Textarea } from '@chakra-ui/react';
import type { Field } from '../api/types';
import { Act } from './Act';

export type Row = Record<string, unknown>;

/** A list edited row by row. */
export function RowsTable({
    columns,
    rows,
    onChange,
}: {
    columns: Field[];
    rows: Row[];
    onChange: (rows: Row[]) => void;
}) {
    const put = (index: number, name: string, value: unknown) =>
        onChange(rows.map((row, at) => (at === index ? { ...row, [name]: value } : row)));
    return (
        <>
            <Box overflowX="auto" tabIndex={0} role="group" aria-label="Rows">
                <Box as="table" fontSize="14px" w="full">
                    <thead>
                        <tr>
                            {columns.map((column) => (
                                <Box
                                    as="th"
                                    key={column.name}
                                    textAlign="left"
                                    color="soft"
                                    fontWeight="400"
                                    pr={2}
                                    title={column.meaning}
                                >
                                    {column.label} {column.unit && column.unit !== '1' ? column.unit : ''}
                                </Box>
                            ))}
                        </tr>
                    </thead>
                    <tbody>
                        {rows.map((row, index) => (
                            <tr key={index}>
                                {columns.map((column) => (
                                    <td key={column.name}>
                                        <Cell
                                            column={column}
                                            value={row[column.name]}
                                            label={`${column.label} of row ${index + 1}`}
                                            onPut={(value) => put(index, column.name, value)}
                                        />
                                    </td>
                                ))}
                                <td>
                                    <Act
                                        kind="quiet"
                                        aria-label={`Take out row ${index + 1}`}
                                        onClick={() => onChange(rows.filter((_, at) => at !== index))}
                                    >
                                        take out
                                    </Act>
                                </td>
                            </tr>
                        ))}
                    </tbody>
                </Box>
            </Box>
            <Act kind="line" mt={2} onClick={() => onChange([...rows, {}])}>
                add a row
            </Act>
        </>
    );
}

function Cell({
    column,
    value,
    label,
    onPut,
}: {
    column: Field;
    value: unknown;
    label: string;
    onPut: (value: unknown) => void;
}) {
    if (column.quantity === 'yes-no')
        return (
            <input
                type="checkbox"
                aria-label={label}
                checked={value === true}
                style={{ width: 44, height: 44 }}
                onChange={(event) => onPut(event.target.checked)}
            />
        );
    const field = {
        'aria-label': label,
        value: value === null || value === undefined ? '' : String(value),
        bg: 'card',
        borderColor: 'edge',
    };
    const type = (event: { target: { value: string } }) =>
        onPut(event.target.value === '' ? null : event.target.value);
    return column.name === 'good_for' ? (
        <Textarea {...field} rows={1} minW="260px" onChange={type} />
    ) : (
        <Input {...field} h="44px" minW="84px" onChange={type} />
    );
}
