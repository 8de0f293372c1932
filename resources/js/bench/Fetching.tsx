import { Box } from '@chakra-ui/react';
import { Act } from './Act';

/** What is being fetched, which is not emptiness; and what failed, with another try. */
export function Fetching({
    words,
    query,
}: {
    words: string;
    query: { error: Error | null; isError: boolean; refetch: () => unknown };
}) {
    if (!query.isError)
        return (
            <Box p={4} color="soft" role="status" data-testid="fetching">
                {words}
            </Box>
        );
    return (
        <Box p={4} role="alert" data-testid="not-fetched">
            <Box color="hot">This could not be fetched: {query.error?.message}</Box>
            <Act kind="line" mt={2} onClick={() => void query.refetch()}>
                Try again
            </Act>
        </Box>
    );
}
