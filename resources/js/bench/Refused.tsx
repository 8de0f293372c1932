import { Box } from '@chakra-ui/react';
import { Refusal } from '../api/client';
import { useTalk } from './talk';

/** Why something was refused, in the units at hand; nothing while nothing was. */
export function Refused({ error }: { error: Error | null }) {
    const talk = useTalk();
    if (!error) return null;
    const said = error instanceof Refusal ? Object.values(error.errors).flat().join(' ') : '';
    return (
        <Box role="alert" color="hot" py={1}>
            {talk(said === '' ? error.message : said)}
        </Box>
    );
}
