import { Input, NativeSelect } from '@chakra-ui/react';

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
                borderColor="rule"
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
    wide?: boolean;
    onChange: (value: string) => void;
}) {
    return (
        <Input
            aria-label={label}
            placeholder={label}
            h="44px"
            w={wide ? '220px' : '110px'}
            bg="card"
            borderColor="rule"
            value={value}
            onChange={(event) => onChange(event.target.value)}
        />
    );
}
