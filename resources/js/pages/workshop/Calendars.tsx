import { Box, Flex } from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { get, post } from '../../api/client';
import type { People, Schemas, Workshop } from '../../api/types';
import { Act } from '../../bench/Act';
import { Pick } from '../../bench/fields';
import { Refused } from '../../bench/Refused';
import { moment } from '../../bench/units';
import { Part } from './parts';

type Links = Schemas['Calendars'];

/** The plan in a calendar: a secret link for a person or a kiln, ended when it is wanted no more; or a file. */
export function Calendars() {
    const queries = useQueryClient();
    const { data: people } = useQuery({ queryKey: ['people'], queryFn: () => get<People>('people') });
    const { data: workshop } = useQuery({ queryKey: ['workshop'], queryFn: () => get<Workshop>('workshop') });
    const { data } = useQuery({ queryKey: ['calendars'], queryFn: () => get<Links>('calendars') });
    const [whose, setWhose] = useState('');
    const send = useMutation({
        mutationFn: ({ path, body }: { path: string; body?: unknown }) => post<Links>(path, body),
        onSuccess: (links) => queries.setQueryData(['calendars'], links),
    });
    const options: [string, string][] = [
        ...(people?.people ?? []).map((one): [string, string] => [`person:${one.name}`, one.name]),
        ...(workshop?.kilns ?? []).map((one): [string, string] => [`kiln:${one.id}`, one.id]),
    ];
    const chosen = whose || options[0]?.[0] || '';
    const [kind = '', ...name] = chosen.split(':');
    return (
        <Part title="Calendars">
            {data?.links.map((link) => (
                <Flex key={link.id} gap={3} align="center" data-calendar={link.whose}>
                    <Box minW="140px" fontWeight="600">
                        {link.whose}
                    </Box>
                    <Box color="soft">since {moment(link.since)}</Box>
                    <Act
                        kind="quiet"
                        aria-label={`End the calendar of ${link.whose}`}
                        onClick={() => send.mutate({ path: `calendars/${link.id}/revoke` })}
                    >
                        end it
                    </Act>
                </Flex>
            ))}
            <Flex gap={2} align="center" wrap="wrap">
                <Pick label="Whose calendar" value={chosen} options={options} onChange={setWhose} />
                <Act
                    kind="line"
                    loading={send.isPending}
                    onClick={() => send.mutate({ path: 'calendars', body: { [kind]: name.join(':') } })}
                >
                    Make a link
                </Act>
                <a
                    className="way-on"
                    href={`/api/plan.ics?${new URLSearchParams({ [kind]: name.join(':') }).toString()}`}
                >
                    as a file
                </a>
            </Flex>
            {send.data?.address ? (
                <Box role="status" overflowWrap="anywhere" data-testid="calendar-link">
                    The link, told this once: {send.data.address}
                </Box>
            ) : null}
            <Refused error={send.error} />
        </Part>
    );
}
