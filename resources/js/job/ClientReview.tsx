import { Box, Flex, Input } from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { get, post } from '../api/client';
import type { Looks } from '../api/types';
import { moment } from '../bench/units';
import type { Work } from './useJob';
import { Act } from '../bench/Act';
import { Refused } from '../bench/Refused';
import { OtherPieces, type OtherPiece } from './OtherPieces';

const SAID: Record<string, string> = {
    picks: 'chose',
    asks: 'asks for a change',
    approves: 'says that it may be cast',
};

/** Something that may be shown, and whether it is among what is. */
function Offered({
    name,
    among,
    onTurn,
    children,
}: {
    name: string;
    among: string[];
    onTurn: (among: string[]) => void;
    children: ReactNode;
}) {
    return (
        <label style={{ minHeight: 44, display: 'flex', alignItems: 'center', gap: 8 }}>
            <input
                type="checkbox"
                style={{ width: 22, height: 22 }}
                checked={among.includes(name)}
                onChange={(event) =>
                    onTurn(event.target.checked ? [...among, name] : among.filter((one) => one !== name))
                }
            />
            {children}
        </label>
    );
}

/** The client's look: a link to the drawings offered, what came back, and the mailbox it went through. */
export function ClientReview({ work }: { work: Work }) {
    const queries = useQueryClient();
    const number = work.job!.number;
    const key = ['looks', number];
    const { data } = useQuery({
        queryKey: key,
        queryFn: () => get<Looks>(`jobs/${number}/looks`),
        // A client's word comes from another screen.
        refetchInterval: 5000,
    });
    const [chosen, setChosen] = useState<string[] | null>(null);
    const [pictures, setPictures] = useState<string[]>([]);
    const [others, setOthers] = useState<OtherPiece[]>([]);
    const [to, setTo] = useState<string | null>(null);
    const keep = (looks: Looks) => queries.setQueryData(key, looks);
    const [told, setTold] = useState<string | null>(null);
    const offered = data?.offered ?? [];
    const shown = chosen ?? offered.map((one) => one.name);
    const address = to ?? work.job?.client?.contact ?? '';
    const send = useMutation({
        mutationFn: () =>
            post<Looks>(`jobs/${number}/looks`, { to: address, arrangements: shown, pictures, others }),
        onSuccess: (looks) => {
            keep(looks);
            setOthers([]);
            setTold(looks.address ?? null);
        },
    });
    const revoke = useMutation({
        mutationFn: (id: number) => post<Looks>(`looks/${id}/revoke`),
        onSuccess: keep,
    });
    const answered = useMutation({
        mutationFn: (word: string) => post<Looks>(`jobs/${number}/words/${word}/answered`),
        onSuccess: keep,
    });
    const words = data?.words ?? [];
    const once = (name?: string) => data?.was_offered.find((one) => one.name === name);
    const titled = (name: string) =>
        offered.find((one) => one.name === name)?.title ?? once(name)?.title ?? name;
    const take = (name?: string) => once(name)?.changes.forEach(({ path, to }) => work.edit(path, to));
    return (
        <Box borderTopWidth="1px" borderColor="rule" pt={3} pb={3} data-testid="look">
            <Box fontWeight="600">The client’s look</Box>
            {words.map((word) => (
                <Box
                    key={word.key}
                    borderLeftWidth="3px"
                    borderColor={word.what === 'asks' && !word.answered ? 'brass' : 'verdigris'}
                    pl={3}
                    my={1}
                    overflowWrap="anywhere"
                    dir="auto"
                >
                    {moment(word.at)}, <b>{word.by}</b> {SAID[word.what]}
                    {word.what === 'picks' ? `: ${titled(word.arrangement ?? '')}` : ''}
                    {word.words ? `: “${word.words}”` : ''}
                    {word.what === 'picks' && (once(word.arrangement)?.changes.length ?? 0) > 0 ? (
                        <Act kind="quiet" px={2} onClick={() => take(word.arrangement)}>
                            make it so
                        </Act>
                    ) : null}
                    {word.what === 'asks' ? (
                        word.answered ? (
                            ` · answered by ${word.answered}`
                        ) : (
                            <Act kind="quiet" px={2} onClick={() => answered.mutate(word.key)}>
                                it is answered
                            </Act>
                        )
                    ) : null}
                </Box>
            ))}
            {offered.length === 0 ? (
                <Box color="soft">There is nothing to show yet: give the ring its form or a stone first.</Box>
            ) : (
                <>
                    <Flex gap={4} wrap="wrap" role="group" aria-label="Drawings to show">
                        {offered.map((one) => (
                            <Offered key={one.name} name={one.name} among={shown} onTurn={setChosen}>
                                {one.title}
                            </Offered>
                        ))}
                    </Flex>
                    {offered.some((one) => one.name === 'piece') ? (
                        <OtherPieces others={others} onTo={setOthers} />
                    ) : null}
                    {data && data.pictures.length > 0 ? (
                        <Flex
                            gap={3}
                            wrap="wrap"
                            role="group"
                            aria-label="Photographs to show"
                            my={1}
                            align="center"
                        >
                            <Box color="soft">photographs</Box>
                            {data.pictures.map((one) => (
                                <Offered key={one.key} name={one.key} among={pictures} onTurn={setPictures}>
                                    <img
                                        src={`/api/pictures/${one.file}`}
                                        alt={one.caption || 'photograph'}
                                        style={{ height: 56 }}
                                    />
                                </Offered>
                            ))}
                        </Flex>
                    ) : null}
                    <Flex gap={2} wrap="wrap" align="center">
                        <Input
                            aria-label="Send the link to"
                            placeholder="where the link goes"
                            value={address}
                            h="44px"
                            maxW="300px"
                            bg="card"
                            borderColor="edge"
                            onChange={(event) => setTo(event.target.value)}
                        />
                        <Act kind="offer" loading={send.isPending} onClick={() => send.mutate()}>
                            Send a link
                        </Act>
                    </Flex>
                </>
            )}
            <Refused error={send.error} />
            {told ? (
                <Box overflowWrap="anywhere" my={1}>
                    <span data-testid="look-address">{told}</span>{' '}
                    <Box as="span" color="soft">
                        (told this once; it is kept nowhere)
                    </Box>
                </Box>
            ) : null}
            {data?.looks.map((look) => (
                <Flex key={look.id} gap={3} align="center" wrap="wrap" fontSize="14.5px">
                    <Box>
                        sent {moment(look.sent_at)}
                        {look.pictures > 0 ? ` with ${look.pictures} photographs` : ''}
                        {look.approved ? ', and said that it may be cast' : ''},{' '}
                        {look.state === 'open' ? `open until ${moment(look.expires_at)}` : look.state}
                    </Box>
                    {look.state === 'open' ? (
                        <Act kind="quiet" onClick={() => revoke.mutate(look.id)}>
                            withdraw it
                        </Act>
                    ) : null}
                </Flex>
            ))}
            {data && data.letters.length > 0 ? (
                <Box as="details" mt={1}>
                    <Box as="summary" minH="44px" pt={2} cursor="pointer" color="soft">
                        simulated mailbox: {data.letters.length} sent
                    </Box>
                    {data.letters.map((letter) => (
                        <Box key={letter.id} bg="sunk" p={3} mb={2} fontSize="14.5px" whiteSpace="pre-wrap">
                            <b>
                                to {letter.to}: {letter.subject}
                            </b>
                            {'\n'}
                            {letter.body}
                        </Box>
                    ))}
                </Box>
            ) : null}
        </Box>
    );
}
