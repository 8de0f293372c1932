import { Box, Flex, Image, Input } from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { get, post, Refusal } from '../api/client';
import type { Client, Job, Picture } from '../api/types';
import { shrink } from '../bench/shrink';
import { KnownClient } from './KnownClient';
import type { Work } from './useJob';
import { Act } from '../bench/Act';
import { Refused } from '../bench/Refused';

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

/** Sketches and photographs, of the piece or of one stone or wax, also straight from a tablet's camera. */
export function Pictures({ work, about }: { work: Work; about?: string }) {
    const number = work.job?.number;
    const pictures = ((work.job?.document.pictures ?? []) as unknown as Picture[]).filter(
        (picture) => picture.about === about,
    );
    const file = useRef<HTMLInputElement>(null);
    const camera = useRef<HTMLInputElement>(null);
    const add = useMutation({
        mutationFn: async (picture: File) => {
            const form = new FormData();
            form.append('picture', await shrink(picture));
            form.append('caption', picture.name.replace(/\.\w+$/, ''));
            if (about) form.append('about', about);
            return post(`jobs/${number}/pictures`, form);
        },
        onSuccess: () => void work.refetch(),
    });
    const chosen = (input: HTMLInputElement) => {
        const picture = input.files?.[0];
        if (picture) add.mutate(picture);
        input.value = '';
    };
    return (
        <Box aria-label="Pictures" role="group">
            <Flex gap={3} wrap="wrap" align="end">
                {pictures.map((picture) => (
                    <Box as="figure" key={picture.file} maxW="150px">
                        <a href={`/api/pictures/${picture.file}`} target="_blank" rel="noreferrer">
                            <Image
                                src={`/api/pictures/${picture.file}`}
                                alt={picture.caption || 'picture of this job'}
                                maxH="104px"
                                borderWidth="1px"
                                borderColor="rule"
                            />
                        </a>
                        <Box as="figcaption" fontSize="13px" color="soft" truncate>
                            {picture.caption}
                        </Box>
                    </Box>
                ))}
                <Act kind="line" loading={add.isPending} onClick={() => file.current?.click()}>
                    add a picture
                </Act>
                <Act kind="line" onClick={() => camera.current?.click()}>
                    camera
                </Act>
                <input
                    ref={file}
                    type="file"
                    accept="image/png,image/jpeg,image/webp"
                    hidden
                    data-testid="picture"
                    onChange={(event) => chosen(event.target)}
                />
                <input
                    ref={camera}
                    type="file"
                    accept="image/*"
                    capture="environment"
                    hidden
                    onChange={(event) => chosen(event.target)}
                />
            </Flex>
            <Refused error={add.error} />
        </Box>
    );
}
