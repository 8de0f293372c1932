import { Box, Flex } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { get } from '../../api/client';
import type { Journal } from '../../api/types';
import { Act } from '../../bench/Act';
import { moment } from '../../bench/units';
import { Part } from './parts';

/** What a line of the journal tells beside who and what. */
function told(detail: Record<string, unknown>): string {
    return Object.entries(detail)
        .filter(([, value]) => value !== null && value !== '')
        .map(
            ([name, value]) =>
                `${name.replaceAll('_', ' ')} ${typeof value === 'object' ? JSON.stringify(value) : String(value)}`,
        )
        .join(', ');
}

/** What was done to the kiln, the clocks, the figures and the people. */
export function JournalLines() {
    const [page, setPage] = useState(1);
    const { data } = useQuery({
        queryKey: ['journal', page],
        queryFn: () => get<Journal>(`journal?page=${page}`),
    });
    return (
        <Part title="Journal">
            {data?.notes.length === 0 ? (
                <Box color="soft">
                    Nothing yet. What is done to the kiln, the clocks, the figures and the people stands here.
                </Box>
            ) : null}
            <Box data-testid="journal">
                {data?.notes.map((note) => (
                    <Flex
                        key={note.id}
                        gap={3}
                        py="6px"
                        borderBottomWidth="1px"
                        borderColor="rule"
                        fontSize="14.5px"
                    >
                        <Box w="150px" flexShrink={0} color="soft">
                            {moment(note.at)}
                        </Box>
                        <Box w="110px" flexShrink={0}>
                            {note.by ?? 'somebody'}
                        </Box>
                        <Box overflowWrap="anywhere">
                            {note.what}
                            <Box as="span" color="soft">
                                {' '}
                                {told(note.detail as Record<string, unknown>)}
                            </Box>
                        </Box>
                    </Flex>
                ))}
            </Box>
            <Flex gap={3} mt={3} justify="end">
                {page > 1 ? (
                    <Act kind="line" onClick={() => setPage(page - 1)}>
                        later
                    </Act>
                ) : null}
                {data?.more ? (
                    <Act kind="line" onClick={() => setPage(page + 1)}>
                        earlier
                    </Act>
                ) : null}
            </Flex>
        </Part>
    );
}
