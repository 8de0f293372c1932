import { Box, Flex } from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { get, post, send } from '../api/client';
import type { Bench, Looks, Today, Workshop } from '../api/types';
import { Act } from '../bench/Act';
import { LevelMark } from '../bench/marks';
import { useTalk } from '../bench/talk';
import { moment } from '../bench/units';

const line = { textDecoration: 'underline', minHeight: 44, display: 'inline-flex', alignItems: 'center' };

/** What clients wait for: changes they asked for, and pieces that are no longer what they approved. */
export function FromClients({ today }: { today: Today }) {
    const queries = useQueryClient();
    const talk = useTalk();
    const answered = useMutation({
        mutationFn: ({ number, key }: { number: number; key: string }) =>
            post<Looks>(`jobs/${number}/words/${key}/answered`),
        onSuccess: () => queries.invalidateQueries({ queryKey: ['today'] }),
    });
    if (today.asked.length + today.changed.length === 0) return null;
    return (
        <Box data-testid="from-clients">
            <Box as="h2" fontSize="18px" fontWeight="600" mb={1}>
                Clients wait
            </Box>
            {today.asked.map((one) => (
                <Box key={one.number + one.key} borderBottomWidth="1px" borderColor="rule" py={1}>
                    <Box overflowWrap="anywhere" dir="auto">
                        <b>{one.by}</b> asks for a change ({moment(one.at)}): “{one.words}”
                    </Box>
                    <Flex gap={3} align="center">
                        <Link to={`/jobs/${one.number}/wax`} style={line}>
                            {one.number} {one.title}
                        </Link>
                        <Act
                            kind="quiet"
                            px={1}
                            aria-label={`Answered: ${one.words}`}
                            onClick={() => answered.mutate(one)}
                        >
                            it is answered
                        </Act>
                    </Flex>
                </Box>
            ))}
            {today.changed.map((one) => (
                <Box key={one.number} borderBottomWidth="1px" borderColor="rule" py={1}>
                    <Flex gap={2} align="start">
                        <LevelMark level="caution" />
                        <Box>{talk(one.message)}</Box>
                    </Flex>
                    <Link to={`/jobs/${one.number}/wax`} style={line}>
                        {one.number} {one.title}
                    </Link>
                </Box>
            ))}
        </Box>
    );
}

/** When the workshop was last safe, and what keeps it from being so. */
export function LastBackup({ backup }: { backup: Today['backup'] }) {
    return (
        <Box mt={2} color={backup.trouble || backup.overdue ? 'hot' : 'soft'} data-testid="backup">
            {backup.at ? `Last backup ${moment(backup.at)}, made and tried.` : 'No backup yet.'}
            {backup.trouble
                ? ` The last try failed: ${backup.trouble}`
                : backup.overdue
                  ? ' One is overdue.'
                  : ''}{' '}
            <Link to="/workshop" style={line}>
                Workshop
            </Link>
        </Box>
    );
}

/** At first start: whether the machine's time zone is the workshop's. */
export function ZoneQuestion() {
    const queries = useQueryClient();
    const { data: bench } = useQuery({ queryKey: ['bench'], queryFn: () => get<Bench>('bench') });
    const agree = useMutation({
        mutationFn: (timezone: string) => send<Workshop>('PUT', 'workshop', { timezone }),
        onSuccess: () => queries.invalidateQueries({ queryKey: ['bench'] }),
    });
    if (!bench || bench.zone_agreed || !bench.may.includes('people')) return null;
    return (
        <Flex gap={3} align="center" wrap="wrap" mb={3} data-testid="zone-question">
            <Box>
                This machine’s clock is set to <b>{bench.zone}</b>. Is that the workshop’s time?
            </Box>
            <Act kind="offer" onClick={() => agree.mutate(bench.zone)}>
                Yes, {bench.zone}
            </Act>
            <Link to="/workshop" style={line}>
                another
            </Link>
        </Flex>
    );
}
