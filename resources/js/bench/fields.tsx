import { Box, Input, NativeSelect } from '@chakra-ui/react';
import { DayInput } from './DayInput';

export function Pick({
    label,
    value,
    options,
    onChange,
}: {
    label: string;
    value: string;
    options: [string, string][];
    onChange: (value: string) => void;
}) {
    return (
        <NativeSelect.Root w="auto" minW="150px" maxW="280px">
            <NativeSelect.Field
                aria-label={label}
                h="44px"
                bg="card"
                borderColor="edge"
                value={value}
                onChange={(event) => onChange(event.target.value)}
            >
                {options.map(([key, words]) => (
                    <option key={key} value={key}>
                        {words}
                    </option>
                ))}
            </NativeSelect.Field>
            <NativeSelect.Indicator />
        </NativeSelect.Root>
    );
}

export function Typed({
    label,
    value,
    wide,
    onChange,
}: {
    label: string;
    value: string;
    /** Wider than a figure, or as wide as said. */
    wide?: boolean | string;
    onChange: (value: string) => void;
}) {
    return (
        <Input
            aria-label={label}
            placeholder={label}
            h="44px"
            w={typeof wide === 'string' ? wide : wide ? '220px' : '110px'}
            maxW="full"
            bg="card"
            borderColor="edge"
            value={value}
            onChange={(event) => onChange(event.target.value)}
        />
    );
}

/** A day, or an hour of it, with its name above. */
export function When({
    label,
    value,
    day = false,
    onChange,
}: {
    label: string;
    value: string;
    day?: boolean;
    onChange: (value: string) => void;
}) {
    return (
        <Box as="label">
            <Box fontSize="14px" color="soft">
                {label}
            </Box>
            <DayInput
                day={day}
                h="44px"
                w={day ? '170px' : '230px'}
                bg="card"
                borderColor="edge"
                value={value}
                onChange={(event) => onChange(event.target.value)}
            />
        </Box>
    );
}
