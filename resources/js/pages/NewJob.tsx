import { Box, Flex, Input } from '@chakra-ui/react';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { post, Refusal } from '../api/client';
import type { Job } from '../api/types';
import { Act } from '../bench/Act';
import { useUnits, withUnit } from '../bench/units';
import { KnownClient } from '../job/KnownClient';

/** The least one must say to take a commission; all of it may be said later. */
export function NewJob({ onClose }: { onClose: () => void }) {
    const go = useNavigate();
    const { units } = useUnits();
    const [client, setClient] = useState('');
    const [title, setTitle] = useState('');
    const [finger, setFinger] = useState('');
    const start = useMutation({
        mutationFn: (id: number | null) =>
            post<Job>('jobs', {
                client: id !== null ? { id } : client.trim() === '' ? null : { name: client.trim() },
                changes: [
                    ...(title.trim() ? [{ path: 'brief.title', from: null, to: title.trim() }] : []),
                    ...(finger.trim()
                        ? [{ path: 'brief.finger', from: null, to: withUnit(finger, 'ring-size', units) }]
                        : []),
                ],
            }),
        onSuccess: (job) => void go(`/jobs/${job.number}/brief`),
    });
    return (
        <Box
            as="form"
            borderWidth="1px"
            borderColor="verdigris"
            p={4}
            mb={4}
            bg="card"
            onSubmit={(event) => {
                event.preventDefault();
                start.mutate(null);
            }}
        >
            <Flex gap={3} wrap="wrap" align="end">
                <label>
                    Client
                    <Input
                        autoFocus
                        value={client}
                        h="46px"
                        bg="paper"
                        onChange={(event) => setClient(event.target.value)}
                    />
                </label>
                <label>
                    What is it called?
                    <Input
                        value={title}
                        h="46px"
                        bg="paper"
                        onChange={(event) => setTitle(event.target.value)}
                    />
                </label>
                <label>
                    Finger
                    <Input
                        value={finger}
                        h="46px"
                        bg="paper"
                        placeholder="US 7, UK O½, 17.3 mm diameter"
                        onChange={(event) => setFinger(event.target.value)}
                    />
                </label>
                <Act kind="main" type="submit" minH="46px" px={5} loading={start.isPending}>
                    Take this commission
                </Act>
                <Act kind="quiet" minH="46px" onClick={onClose}>
                    close
                </Act>
            </Flex>
            <KnownClient error={start.error} onSame={(id) => start.mutate(id)} />
            {start.error && !(start.error instanceof Refusal && start.error.known) ? (
                <Box role="alert" color="hot" mt={2}>
                    {start.error.message}
                </Box>
            ) : null}
        </Box>
    );
}
