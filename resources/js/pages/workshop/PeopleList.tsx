import { Box, Flex, Input } from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { get, Refusal, send } from '../../api/client';
import type { People } from '../../api/types';
import { Act } from '../../bench/Act';
import { Pick } from '../../bench/fields';
import { Part } from './parts';

const ROLES: Record<string, string> = {
    owner: 'owner: everything, people too',
    goldsmith: 'goldsmith: jobs, metal, clients, figures',
    apprentice: 'apprentice: works at jobs and the kiln',
    guest: 'guest: reads',
};

/** Who works here, and as what. */
export function PeopleList() {
    const queries = useQueryClient();
    const { data } = useQuery({ queryKey: ['people'], queryFn: () => get<People>('people') });
    const [fresh, setFresh] = useState({ name: '', role: 'apprentice', passphrase: '' });
    const [passphrase, setPassphrase] = useState<{ id: number; words: string } | null>(null);
    const keep = useMutation({
        mutationFn: ({ id, changes }: { id: number | null; changes: Record<string, string> }) =>
            send<People>(id === null ? 'POST' : 'PUT', id === null ? 'people' : `people/${id}`, changes),
        onSuccess: (people, { id }) => {
            queries.setQueryData(['people'], people);
            void queries.invalidateQueries({ queryKey: ['bench'] });
            if (id === null) setFresh({ name: '', role: 'apprentice', passphrase: '' });
            setPassphrase(null);
        },
    });
    const roles = (data?.roles ?? []).map((role): [string, string] => [role, ROLES[role] ?? role]);
    const errors = keep.error instanceof Refusal ? Object.values(keep.error.errors).flat().join(' ') : '';
    return (
        <Part title="People">
            {data?.people.map((person) => (
                <Flex
                    key={person.id}
                    gap={3}
                    align="center"
                    wrap="wrap"
                    py={1}
                    borderBottomWidth="1px"
                    borderColor="rule"
                    data-person={person.name}
                >
                    <Box minW="140px" fontWeight="600">
                        {person.name}
                    </Box>
                    <Pick
                        label={`What ${person.name} is`}
                        value={person.role}
                        options={roles}
                        onChange={(role) => keep.mutate({ id: person.id, changes: { role } })}
                    />
                    {passphrase?.id === person.id ? (
                        <Flex
                            as="form"
                            gap={2}
                            onSubmit={(event) => {
                                event.preventDefault();
                                keep.mutate({ id: person.id, changes: { passphrase: passphrase.words } });
                            }}
                        >
                            <Input
                                aria-label={`New passphrase of ${person.name}`}
                                type="password"
                                autoComplete="new-password"
                                autoFocus
                                h="44px"
                                bg="card"
                                value={passphrase.words}
                                onChange={(event) =>
                                    setPassphrase({ id: person.id, words: event.target.value })
                                }
                            />
                            <Act kind="main" type="submit">
                                Keep it
                            </Act>
                            <Act kind="quiet" onClick={() => setPassphrase(null)}>
                                close
                            </Act>
                        </Flex>
                    ) : (
                        <Act kind="quiet" onClick={() => setPassphrase({ id: person.id, words: '' })}>
                            {person.signs_in ? 'new passphrase' : 'give a passphrase'}
                        </Act>
                    )}
                </Flex>
            ))}
            <Flex
                as="form"
                gap={2}
                mt={3}
                wrap="wrap"
                align="end"
                onSubmit={(event) => {
                    event.preventDefault();
                    const { name, role, passphrase: words } = fresh;
                    keep.mutate({
                        id: null,
                        changes: { name, role, ...(words ? { passphrase: words } : {}) },
                    });
                }}
            >
                <label style={{ display: 'grid' }}>
                    Somebody new
                    <Input
                        value={fresh.name}
                        h="46px"
                        bg="card"
                        borderColor="edge"
                        onChange={(event) => setFresh({ ...fresh, name: event.target.value })}
                    />
                </label>
                <Pick
                    label="What they are"
                    value={fresh.role}
                    options={roles}
                    onChange={(role) => setFresh({ ...fresh, role })}
                />
                <Act kind="line" type="submit" minH="46px">
                    Add
                </Act>
            </Flex>
            {errors ? (
                <Box role="alert" color="hot" mt={1}>
                    {errors}
                </Box>
            ) : null}
        </Part>
    );
}
