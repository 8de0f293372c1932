import { Box, Flex } from '@chakra-ui/react';
import type { Field } from '../api/types';
import { Act } from '../bench/Act';

/** Several rows of the job, each taken in or left out by a tap. */
export function ManyRows({
    field,
    path,
    value,
    onEdit,
}: {
    field: Field;
    path: string;
    value: unknown;
    onEdit: (to: string | null) => void;
}) {
    const taken = Array.isArray(value) ? value.map(String) : [];
    const turn = (key: string) => {
        const next = taken.includes(key) ? taken.filter((one) => one !== key) : [...taken, key];
        onEdit(next.length === 0 ? null : next.join(', '));
    };
    return (
        <Box role="group" aria-label={field.label} data-path={path} textAlign="center">
            <Flex gap={1} wrap="wrap">
                {field.choices.map((key) => (
                    <Act
                        key={key}
                        kind={taken.includes(key) ? 'offer' : 'quiet'}
                        px={2}
                        aria-pressed={taken.includes(key)}
                        onClick={() => turn(key)}
                    >
                        {field.sayings[key] ?? key}
                    </Act>
                ))}
            </Flex>
            <span className="label">{field.label}</span>
        </Box>
    );
}
