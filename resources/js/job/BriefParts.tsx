import { Box, Flex, Input } from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { get, post, Refusal } from '../api/client';
import type { Client, Job } from '../api/types';
import { KnownClient } from './KnownClient';
import type { Work } from './useJob';
import { Act } from '../bench/Act';

/** Whose piece it is: a client who is known, or a new one. */
export function ClientPick({ work }: { work: Work }) {
    const [name, setName] = useState<string | null>(null);
    const { data } = useQuery({
        queryKey: ['clients'],
        queryFn: () => get<{ clients: Client[] }>('clients'),
    });
    const now = work.job?.client ?? null;
    const queries = useQueryClient();
    const keep = useMutation({
        mutationFn: (client: { id: number } | { name: string } | null) =>
            post<Job>(`jobs/${work.job!.number}/client`, { client, station: 'brief' }),
        onSuccess: (job) => {
            work.take(job);
            setName(null);
            void queries.invalidateQueries({ queryKey: ['clients'] });
        },
    });
    const choose = () => {
        const known = data?.clients.find((client) => client.name === name?.trim());
        keep.mutate(known ? { id: known.id } : name?.trim() ? { name: name.trim() } : null);
    };
    return (
        <Box
            as="form"
            onSubmit={(event) => {
                event.preventDefault();
                choose();
            }}
        >
            <Flex gap={2}>
                <Input
                    aria-label="Client"
                    list="clients"
                    placeholder="whose piece is it?"
                    value={name ?? now?.name ?? ''}
                    h="46px"
                    bg="card"
                    borderColor="edge"
                    fontSize="17px"
                    fontWeight="600"
                    onChange={(event) => setName(event.target.value)}
                />
                {name !== null && name !== (now?.name ?? '') ? (
                    <Act kind="offer" type="submit">
                        keep
                    </Act>
                ) : null}
            </Flex>
            <datalist id="clients">
                {data?.clients.map((client) => (
                    <option key={client.id} value={client.name} />
                ))}
            </datalist>
            <Box fontSize="13px" color="soft">
                client{now?.contact ? ` · ${now.contact}` : ''}
            </Box>
            <KnownClient error={keep.error} onSame={(id) => keep.mutate({ id })} />
            {keep.error && !(keep.error instanceof Refusal && keep.error.known) ? (
                <Box role="alert" color="hot">
                    {keep.error.message}
                </Box>
            ) : null}
        </Box>
    );
}
