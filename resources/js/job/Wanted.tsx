import { Box, Flex } from '@chakra-ui/react';
import type { Catalogue } from '../api/types';
import { pathWords } from '../shell/catalogue';
import { Decision } from './DecisionRail';
import type { Work } from './useJob';

/** Where nothing can be drawn yet: what is still to be said, to be said here. */
export function Wanted({
    wants,
    work,
    catalogue,
    onTyping,
}: {
    wants: string[];
    work: Work;
    catalogue: Catalogue;
    /** Told what stands here while one of them is being typed into, so that it stays until that is done. */
    onTyping: (wants: string[] | null) => void;
}) {
    return (
        <Box
            py={10}
            textAlign="center"
            data-testid="wanted"
            onFocus={() => onTyping(wants)}
            onBlur={(event) => {
                if (!event.currentTarget.contains(event.relatedTarget)) onTyping(null);
            }}
        >
            <Box fontSize="18px" mb={4}>
                {wants.length > 0
                    ? 'To draw this, say first:'
                    : 'There is something to put right before this can be drawn.'}
            </Box>
            <Flex gap={3} wrap="wrap" justify="center">
                {wants.map((path) => (
                    <Decision
                        key={path}
                        path={path}
                        label={catalogue.decisions[path]?.meaning}
                        work={work}
                        catalogue={catalogue}
                    />
                ))}
            </Flex>
            <Box mt={4}>
                {Object.entries(work.job?.errors ?? {}).map(([path, messages]) => (
                    <Box key={path} color="hot" role="alert">
                        {pathWords(path)}: {messages.join(' ')}
                    </Box>
                ))}
            </Box>
        </Box>
    );
}
