import { Box, Button } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import type { Kept } from '../api/types';
import { held } from './held';
import type { Work } from './useJob';

/** Whether a line of a list is ticked off, saved or not yet: a tick of the list, or a decision that is yes. */
export function isTicked(work: Work, path: string): boolean {
    const is = work.waiting[path] ? work.waiting[path].to : work.job ? held(work.job, path) : null;
    return is === true || (is as Kept | null)?.value === true;
}

/** A line that is ticked off as it is done. */
export function Tick({
    path,
    words,
    aside,
    work,
}: {
    path: string;
    words: ReactNode;
    aside?: ReactNode;
    work: Work;
}) {
    const is = isTicked(work, path);
    return (
        <Button
            variant="plain"
            justifyContent="start"
            w="full"
            minH="44px"
            h="auto"
            px={1}
            gap={3}
            fontSize="15px"
            fontWeight="400"
            whiteSpace="normal"
            color={is ? 'soft' : 'ink'}
            borderWidth={0}
            borderBottomWidth="1px"
            borderColor="edge"
            borderRadius={0}
            role="checkbox"
            aria-checked={is}
            data-tick={path}
            onClick={() => work.edit(path, is ? null : true)}
        >
            <Box as="span" w="20px" aria-hidden="true">
                {is ? '✓' : '○'}
            </Box>
            <Box as="span" flex="1" textAlign="left" textDecoration={is ? 'line-through' : 'none'}>
                {words}
            </Box>
            {aside}
        </Button>
    );
}
