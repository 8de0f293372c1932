import { Box, Button, Flex } from '@chakra-ui/react';
import { useState, type ReactNode } from 'react';
import { Act } from '../bench/Act';
import { Typed } from '../bench/fields';

export function Section({ title, children }: { title: string; children: ReactNode }) {
    return (
        <Box as="section" borderTopWidth="1px" borderColor="rule" py={3} mt={3} flex="1" minW="320px">
            <Box as="h2" fontSize="17px" fontWeight="600" mb={2}>
                {title}
            </Box>
            {children}
        </Box>
    );
}

export function Do({ children }: { children: ReactNode }) {
    return (
        <Act kind="main" type="submit">
            {children}
        </Act>
    );
}

/** A button that asks for one thing before it is done; it stays open where that is refused. */
export function Ask({
    words,
    name,
    label,
    done,
    quiet,
    wide,
    onDone,
}: {
    words: string;
    name?: string;
    label: string;
    done: string;
    quiet?: boolean;
    wide?: boolean;
    onDone: (said: string) => Promise<unknown>;
}) {
    const [said, setSaid] = useState<string | null>(null);
    if (said === null)
        return (
            <Button
                variant="plain"
                color={quiet ? 'soft' : 'verdigris'}
                minH="44px"
                aria-label={name}
                onClick={() => setSaid('')}
            >
                {words}
            </Button>
        );
    return (
        <Flex
            as="form"
            gap={1}
            justify="end"
            onSubmit={(event) => {
                event.preventDefault();
                void onDone(said).then((answer) => answer && setSaid(null));
            }}
        >
            <Typed label={label} value={said} {...(wide ? { wide } : {})} onChange={setSaid} />
            <Do>{done}</Do>
        </Flex>
    );
}

export function Said({ words }: { words: string | null }) {
    return words ? (
        <Box role="alert" color="hot" pt={1}>
            {words}
        </Box>
    ) : null;
}

export function Line({ children }: { children: ReactNode }) {
    return (
        <Flex gap={2} wrap="wrap" align="center" pt={2}>
            {children}
        </Flex>
    );
}
