import { Box } from '@chakra-ui/react';
import { Act } from '../bench/Act';
import type { Work } from './useJob';

/** What may hurt at this station, until somebody has read it. */
export function CautionsOnce({ work }: { work: Work }) {
    const { page } = work.job!;
    if (page.cautions.length === 0 || page.cautions_seen) return null;
    return (
        <Box borderLeftWidth="3px" borderColor="hot" pl={3} data-testid="cautions">
            <Box fontWeight="600">Before you start</Box>
            {page.cautions.map((caution) => (
                <Box key={caution} fontSize="14.5px" mb={1}>
                    {caution}
                </Box>
            ))}
            <Box fontSize="13.5px" color="soft">
                Follow your local code and a qualified person’s training.
            </Box>
            <Act kind="line" mt={1} onClick={() => work.edit(`seen.${page.station}`, true)}>
                I have read it
            </Act>
        </Box>
    );
}
