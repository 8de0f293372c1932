import { Box, Flex } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { get } from '../api/client';
import type { Entry, Kept } from '../api/types';
import { moment } from '../bench/units';
import { pathWords } from '../shell/catalogue';
import type { Work } from './useJob';
import { Act } from '../bench/Act';

function said(value: unknown): string {
    if (value === null || value === undefined) return '–';
    if (typeof value === 'object' && 'typed' in value) return (value as Kept).typed;
    if (typeof value === 'object' && 'state' in value) return String((value as { state: string }).state);
    if (typeof value === 'object') return 'set';
    return String(value);
}

const ROWS: Record<string, string> = {
    stones: 'a stone',
    settings: 'a setting',
    cuts: 'a piece to cut',
    attempts: 'a wax',
    castings: 'a casting',
    parts: 'a part',
    joints: 'a joint',
    overrides: 'a stop overridden',
    pictures: 'a picture',
    words: 'the client’s word',
};

/** A change as one says it: a row that came or went, or a figure and what it was. */
function line({ path, from, to }: Entry['changes'][number]): string {
    const [group = '', key, name] = path.split('.');
    if (key !== undefined && name === undefined && group in ROWS)
        return to === null || to === undefined ? `${ROWS[group]} taken out` : ROWS[group]!;
    const was = from === null || from === undefined ? '' : `, was ${said(from)}`;
    return to === null || to === undefined
        ? `${pathWords(path)}: emptied${was}`
        : `${pathWords(path)}: ${said(to)}${was}`;
}

/** Who changed what, and when; nothing is ever lost from it, and undo is another line of it. */
export function History({ number, work, onClose }: { number: number; work: Work; onClose: () => void }) {
    const { data } = useQuery({
        queryKey: ['history', number],
        queryFn: () => get<{ entries: Entry[] }>(`jobs/${number}/history`),
    });
    return (
        <Box
            data-testid="history"
            maxH="60vh"
            overflowY="auto"
            borderTopWidth="1px"
            borderColor="rule"
            pt={2}
        >
            <Flex gap={2} align="center">
                <Box fontWeight="600" flex="1">
                    History
                </Box>
                <Act kind="line" onClick={() => void work.undo()}>
                    Undo
                </Act>
                <Act kind="quiet" onClick={onClose}>
                    close
                </Act>
            </Flex>
            {data?.entries.length === 0 ? <Box color="soft">Nothing has been changed yet.</Box> : null}
            {data?.entries.map((entry) => (
                <Box key={entry.id} py={1} borderBottomWidth="1px" borderColor="rule" fontSize="14px">
                    <Box color="soft">
                        {entry.by ?? 'somebody'} · {moment(entry.at)}
                        {entry.undoes ? ' · undo' : ''}
                    </Box>
                    {entry.note ? <Box>“{entry.note}”</Box> : null}
                    {entry.changes.slice(0, 6).map((change) => (
                        <Box key={change.path}>{line(change)}</Box>
                    ))}
                    {entry.changes.length > 6 ? (
                        <Box color="soft">and {entry.changes.length - 6} more</Box>
                    ) : null}
                </Box>
            ))}
        </Box>
    );
}
