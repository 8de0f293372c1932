import { Box, Flex, Input } from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { get, post, Refusal, send } from '../api/client';
import type { Journal, People, Workshop } from '../api/types';
import { Act } from '../bench/Act';
import { Pick } from '../bench/fields';
import { moment } from '../bench/units';

/** The workshop as a house: its hours, its backups, who works here, and its journal. */
export default function WorkshopPage() {
    return (
        <Box as="main" px={5} py={5} maxW="980px" w="full" mx="auto">
            <Box as="h1" fontSize="24px" fontWeight="600" mb={2}>
                Workshop
            </Box>
            <House />
            <Hands />
            <Lines />
        </Box>
    );
}

function Part({ title, children }: { title: string; children: ReactNode }) {
    return (
        <Box as="section" borderTopWidth="1px" borderColor="rule" py={4}>
            <Box as="h2" fontSize="17px" fontWeight="600" mb={2}>
                {title}
            </Box>
            {children}
        </Box>
    );
}

function Wrong({ error, field = '_' }: { error: unknown; field?: string }) {
    const words =
        error instanceof Refusal
            ? error.errors[field]?.join(' ')
            : field === '_' && error
              ? String(error)
              : '';
    return words ? (
        <Box role="alert" color="hot">
            {words}
        </Box>
    ) : null;
}

function House() {
    const queries = useQueryClient();
    const { data } = useQuery({ queryKey: ['workshop'], queryFn: () => get<Workshop>('workshop') });
    const [folder, setFolder] = useState<string | null>(null);
    const keep = useMutation({
        mutationFn: (changes: Record<string, string | null>) => send<Workshop>('PUT', 'workshop', changes),
        onSuccess: (workshop) => {
            queries.setQueryData(['workshop'], workshop);
            void queries.invalidateQueries({ queryKey: ['bench'] });
            setFolder(null);
        },
    });
    const backUp = useMutation({ mutationFn: () => post('backup') });
    if (!data) return <Box color="soft">Opening the house…</Box>;
    return (
        <>
            <Part title="Time zone">
                <Flex gap={3} align="center" wrap="wrap">
                    <Pick
                        label="Time zone"
                        value={data.timezone}
                        options={data.zones.map((zone): [string, string] => [
                            zone,
                            zone.replaceAll('_', ' '),
                        ])}
                        onChange={(timezone) => keep.mutate({ timezone })}
                    />
                    <Box color="soft">Every hour on the screen and on paper is said in it.</Box>
                </Flex>
                <Wrong error={keep.error} field="timezone" />
            </Part>
            <Part title="Backups">
                <Box mb={2}>
                    {data.backed_up_at
                        ? `Last made and tried ${moment(data.backed_up_at)}.`
                        : 'None has been made yet.'}{' '}
                    One is made each day while Hot Sprue runs; seven days, four weeks and twelve months are
                    kept.
                </Box>
                {data.backup_trouble ? (
                    <Box role="alert" color="hot" mb={2}>
                        The last one failed: {data.backup_trouble}
                    </Box>
                ) : null}
                <Flex
                    as="form"
                    gap={2}
                    wrap="wrap"
                    align="end"
                    onSubmit={(event) => {
                        event.preventDefault();
                        keep.mutate({ backup_folder: folder?.trim() ? folder.trim() : null });
                    }}
                >
                    <label style={{ display: 'grid' }}>
                        Folder for backups
                        <Input
                            value={folder ?? data.backup_folder ?? ''}
                            placeholder={data.backup_default}
                            h="46px"
                            w="360px"
                            maxW="full"
                            bg="card"
                            borderColor="rule"
                            onChange={(event) => setFolder(event.target.value)}
                        />
                    </label>
                    {folder !== null ? (
                        <Act kind="main" type="submit" minH="46px">
                            Keep this folder
                        </Act>
                    ) : null}
                    <Act kind="line" minH="46px" loading={backUp.isPending} onClick={() => backUp.mutate()}>
                        Back up now
                    </Act>
                </Flex>
                <Wrong error={keep.error} field="backup_folder" />
                <Wrong error={keep.error} />
                <Wrong error={backUp.error} />
                {backUp.isSuccess ? (
                    <Box role="status">It is being made; it shows here when it is done.</Box>
                ) : null}
            </Part>
        </>
    );
}

const ROLES: Record<string, string> = {
    owner: 'owner: everything, people too',
    goldsmith: 'goldsmith: jobs, metal, clients, figures',
    apprentice: 'apprentice: works at jobs and the kiln',
    guest: 'guest: reads',
};

function Hands() {
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
                        borderColor="rule"
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

function Lines() {
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
