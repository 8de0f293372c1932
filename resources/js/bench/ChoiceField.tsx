import { Box, NativeSelect, type BoxProps } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import type { Field } from '../api/types';
import { saidChoice } from './choices';

interface Props {
    label: string;
    field: Pick<Field, 'quantity' | 'meaning'> & Partial<Pick<Field, 'sayings'>>;
    choices: string[];
    value: unknown;
    advised: unknown;
    name: ReactNode;
    problem: ReactNode;
    frame: BoxProps;
    onTake: (() => void) | undefined;
    onEdit: (to: string | boolean | null) => void;
}

/** One of several: the whole box opens the list, its name too. */
export function ChoiceField(props: Props) {
    const { label, field, choices, value, advised, name, problem, frame, onTake, onEdit } = props;
    const now = value === null || value === undefined ? '' : String(value);
    return (
        <Box>
            <Box {...frame} minW="148px" maxW="300px" p={0} display="grid">
                <NativeSelect.Root size="sm" variant="plain" gridArea="1 / 1" h="full">
                    <NativeSelect.Field
                        aria-label={label}
                        title={field.meaning}
                        value={now}
                        fontWeight="600"
                        fontSize="16px"
                        color="ink"
                        h="full"
                        minH="48px"
                        ps={3}
                        pe={8}
                        pt="2px"
                        pb="20px"
                        minW="full"
                        css={{ fieldSizing: 'content' }}
                        onFocus={onTake}
                        onChange={(event) => {
                            const chosen = event.target.value;
                            onEdit(
                                chosen === ''
                                    ? null
                                    : field.quantity === 'yes-no'
                                      ? chosen === 'true'
                                      : chosen,
                            );
                        }}
                    >
                        <option value="">
                            {typeof advised === 'string' ? saidChoice(field, advised) : '–'}
                        </option>
                        {choices.map((choice) => (
                            <option key={choice} value={choice}>
                                {saidChoice(field, choice)}
                            </option>
                        ))}
                    </NativeSelect.Field>
                    <NativeSelect.Indicator top="14px" h="20px" />
                </NativeSelect.Root>
                <Box
                    gridArea="1 / 1"
                    alignSelf="end"
                    px={3}
                    pb="3px"
                    pointerEvents="none"
                    whiteSpace="nowrap"
                    maxW="full"
                    overflow="hidden"
                    textOverflow="ellipsis"
                    position="relative"
                >
                    {name}
                </Box>
            </Box>
            {problem}
        </Box>
    );
}
