import { Box, Flex } from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { get, send } from '../../api/client';
import type { People, Workshop } from '../../api/types';
import { Act } from '../../bench/Act';
import { Typed } from '../../bench/fields';
import { Refused } from '../../bench/Refused';
import { Part, Wrong } from './parts';

/** When each person works, what the workshop burns and tumbles in: what the plan is made with. */
export function Hands() {
    const queries = useQueryClient();
    const { data: people } = useQuery({ queryKey: ['people'], queryFn: () => get<People>('people') });
    const { data: workshop } = useQuery({ queryKey: ['workshop'], queryFn: () => get<Workshop>('workshop') });
    const keep = useMutation({
        // Pressed twice, the second waits for the first.
        scope: { id: 'workshop' },
        mutationFn: (changes: Partial<Workshop>) => send<Workshop>('PUT', 'workshop', changes),
        onSuccess: (answer) => {
            queries.setQueryData(['workshop'], answer);
            void queries.invalidateQueries({ queryKey: ['plan'] });
        },
    });
    return (
        <Part title="Hours and kilns">
            <Box color="soft" mb={2}>
                The plan lays every step into these hours. Said as in “mon-fri 8:30-12:30 13:15-17:15; sat
                9-12”, days off as in “2026-12-24 to 2027-01-02”.
            </Box>
            {people?.people
                .filter((one) => one.role !== 'guest')
                .map((one) => (
                    <HoursOf key={`${one.id}${one.hours}${one.off}`} person={one} />
                ))}
            {workshop ? (
                <Kilns
                    key={JSON.stringify(workshop.kilns)}
                    workshop={workshop}
                    anyHand={(keep.isPending ? keep.variables.any_hand : undefined) ?? workshop.any_hand}
                    onKeep={keep.mutate}
                />
            ) : null}
            <Refused error={keep.error} />
        </Part>
    );
}

function HoursOf({ person }: { person: People['people'][number] }) {
    const queries = useQueryClient();
    const [hours, setHours] = useState(person.hours);
    const [off, setOff] = useState(person.off);
    const keep = useMutation({
        mutationFn: () => send<People>('PUT', `people/${person.id}/hours`, { hours, off }),
        onSuccess: (people) => {
            queries.setQueryData(['people'], people);
            void queries.invalidateQueries({ queryKey: ['plan'] });
        },
    });
    const isChanged = hours !== person.hours || off !== person.off;
    return (
        <Box
            as="form"
            py={1}
            data-hours={person.name}
            onSubmit={(event) => (event.preventDefault(), keep.mutate())}
        >
            <Flex gap={2} align="center" wrap="wrap">
                <Box minW="90px" fontWeight="600">
                    {person.name}
                </Box>
                <Typed label={`Hours of ${person.name}`} value={hours} wide="340px" onChange={setHours} />
                <Typed label={`Days off of ${person.name}`} value={off} wide="300px" onChange={setOff} />
                {isChanged ? (
                    <Act kind="main" type="submit">
                        Keep
                    </Act>
                ) : null}
            </Flex>
            <Wrong error={keep.error} field="hours" />
            <Wrong error={keep.error} field="off" />
            <Wrong error={keep.error} />
        </Box>
    );
}

function Kilns({
    workshop,
    anyHand,
    onKeep,
}: {
    workshop: Workshop;
    /** As it was pressed last, though that is on its way yet. */
    anyHand: boolean;
    onKeep: (changes: Partial<Workshop>) => void;
}) {
    const [kilns, setKilns] = useState(workshop.kilns);
    const put = (at: number, changes: Partial<Workshop['kilns'][number]>) =>
        setKilns(kilns.map((one, index) => (index === at ? { ...one, ...changes } : one)));
    const isChanged = JSON.stringify(kilns) !== JSON.stringify(workshop.kilns);
    return (
        <Box mt={3}>
            {kilns.map((kiln, at) => (
                <Flex key={at} gap={3} align="center" wrap="wrap" py={1} data-kiln={kiln.id}>
                    <Typed
                        label={`Name of kiln ${at + 1}`}
                        value={kiln.id}
                        onChange={(id) => put(at, { id })}
                    />
                    <Typed
                        label={`Flasks in ${kiln.id}`}
                        value={String(kiln.flasks || '')}
                        onChange={(flasks) => put(at, { flasks: Number.parseInt(flasks, 10) || 0 })}
                    />
                    <Box>flasks</Box>
                    <label style={{ display: 'flex', gap: 8, alignItems: 'center', minHeight: 44 }}>
                        <input
                            type="checkbox"
                            checked={kiln.alone}
                            style={{ width: 24, height: 24 }}
                            onChange={(event) => put(at, { alone: event.target.checked })}
                        />
                        may burn with nobody in the house: local rules and our insurer allow it
                    </label>
                    <Act
                        kind="quiet"
                        aria-label={`Take out ${kiln.id}`}
                        onClick={() => setKilns(kilns.filter((_, index) => index !== at))}
                    >
                        take out
                    </Act>
                </Flex>
            ))}
            <Flex gap={2} wrap="wrap" align="center">
                <Act
                    kind="line"
                    onClick={() =>
                        setKilns([...kilns, { id: `kiln ${kilns.length + 1}`, flasks: 4, alone: false }])
                    }
                >
                    Add a kiln
                </Act>
                {isChanged ? (
                    <Act kind="main" onClick={() => onKeep({ kilns })}>
                        Keep the kilns
                    </Act>
                ) : null}
                <label style={{ display: 'flex', gap: 8, alignItems: 'center', minHeight: 44 }}>
                    <input
                        type="checkbox"
                        checked={anyHand}
                        style={{ width: 24, height: 24 }}
                        onChange={(event) => onKeep({ any_hand: event.target.checked })}
                    />
                    one may go on with what another began
                </label>
            </Flex>
        </Box>
    );
}
