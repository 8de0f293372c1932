import { NativeSelect } from '@chakra-ui/react';

/** One of a few, in a row of buttons. */
export function Choose({
    label,
    value,
    options,
    isSet = false,
    onChange,
}: {
    label: string;
    value: string;
    options: [string, string][];
    isSet?: boolean;
    onChange: (value: string) => void;
}) {
    return (
        <NativeSelect.Root size="sm" w="auto" disabled={isSet}>
            <NativeSelect.Field
                aria-label={label}
                value={value}
                h="44px"
                borderColor="edge"
                onChange={(event) => onChange(event.target.value)}
            >
                {options.map(([name, words]) => (
                    <option key={name} value={name}>
                        {words}
                    </option>
                ))}
            </NativeSelect.Field>
            <NativeSelect.Indicator />
        </NativeSelect.Root>
    );
}
