import { Box, Flex } from '@chakra-ui/react';
import { Refusal } from '../api/client';
import { Act } from '../bench/Act';

/** A new client bears a known name: whether that one is meant is asked, never guessed. */
export function KnownClient({ error, onSame }: { error: unknown; onSame: (id: number) => void }) {
    const known = error instanceof Refusal ? error.known : null;
    if (!known) return null;
    return (
        <Flex role="alert" data-testid="known-client" gap={3} mt={2} wrap="wrap" align="center">
            <Box>
                There is {known.name} already{known.contact ? ` (${known.contact})` : ''}. The same? If not,
                give a name that tells them apart.
            </Box>
            <Act kind="offer" onClick={() => onSame(known.id)}>
                The same {known.name}
            </Act>
        </Flex>
    );
}
