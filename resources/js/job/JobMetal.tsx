import { Box, Flex } from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { get, post } from '../api/client';
import type { JobMetal as Held, Lot } from '../api/types';
import { Act } from '../bench/Act';
import { Pick, Typed } from '../bench/fields';
import { say, useUnits, withUnit } from '../bench/units';
import { Section } from './bench/Section';
import type { Work } from './useJob';

const named = (lot: Lot) => `${lot.id} ${lot.name}, ${lot.alloy.replaceAll('-', ' ')}`;

/** A mass of the metal account, to the milligram. */
export function useWeighed() {
    const { units } = useUnits();
    return (mass: number) => {
        const said = say(mass, 'account', units);
        return `${said.figure} ${said.unit}`;
    };
}

export function useJobMetal(work: Work) {
    const number = work.job!.number;
    const queries = useQueryClient();
    const { data } = useQuery({
        queryKey: ['metal', 'job', number],
        queryFn: () => get<Held>(`jobs/${number}/metal`),
    });
    const send = useMutation({
        mutationFn: ({ path, body }: { path: string; body: unknown }) => post<unknown>(path, body),
        onSettled: () => {
            void queries.invalidateQueries({ queryKey: ['metal'] });
            void work.refetch();
        },
    });
    return { data, send, refused: send.error?.message ?? null, number };
}

function Said({ words }: { words: string | null }) {
    return words ? (
        <Box role="alert" color="hot" pt={1}>
            {words}
        </Box>
    ) : null;
}

function Line({ children }: { children: ReactNode }) {
    return (
        <Flex gap={2} wrap="wrap" align="center" pt={2}>
            {children}
        </Flex>
    );
}

/** The metal of a piece made by hand: taken from lots, cuttings and filings given back, solder by heat. */
export function JobMetal({ work, soldering = false }: { work: Work; soldering?: boolean }) {
    const { data, send, refused, number } = useJobMetal(work);
    const { units } = useUnits();
    const weighed = useWeighed();
    const [put, setPut] = useState({ lot: '', mass: '', what: soldering ? 'solder' : 'strip' });
    const [back, setBack] = useState({ piece: '', to: '', mass: '', loss: '', what: 'cuttings' });
    const [heat, setHeat] = useState({ name: '', mass: '' });
    if (!data) return <Box py={3}>Opening the safe…</Box>;
    const held = data.held;
    const piece = Number(back.piece || held[0]?.id);
    const from = held.find((lot) => lot.id === piece);
    const mass = (typed: string) => withUnit(typed, 'mass', units);
    const go = (what: string, body: unknown, then: () => void) =>
        send.mutate({ path: `jobs/${number}/metal/${what}`, body }, { onSuccess: then });
    return (
        <Section
            name="job-metal"
            title="Metal of this piece"
            hint={
                held.length === 0
                    ? 'none is in it yet'
                    : held.map((lot) => `${weighed(lot.mass)} ${lot.alloy.replaceAll('-', ' ')}`).join(', ') +
                      ' in it'
            }
        >
            <Line>
                <Pick
                    label="taken from which lot"
                    value={put.lot}
                    options={[
                        ['', data.lots.length === 0 ? 'no metal in the account' : 'from which lot?'],
                        ...data.lots.map((lot): [string, string] => [String(lot.id), named(lot)]),
                    ]}
                    onChange={(lot) => setPut((now) => ({ ...now, lot }))}
                />
                <Typed
                    label="mass taken"
                    value={put.mass}
                    onChange={(typed) => setPut((now) => ({ ...now, mass: typed }))}
                />
                <Pick
                    label="taken as"
                    value={put.what}
                    options={['strip', 'plate', 'tube', 'wire', 'solder'].map((one) => [one, one])}
                    onChange={(what) => setPut((now) => ({ ...now, what }))}
                />
                <Act
                    kind="offer"
                    disabled={put.lot === '' || put.mass.trim() === ''}
                    loading={send.isPending}
                    onClick={() =>
                        go('take', { lot: Number(put.lot), mass: mass(put.mass), what: put.what }, () =>
                            setPut((now) => ({ ...now, mass: '' })),
                        )
                    }
                >
                    Take it from the account
                </Act>
            </Line>
            {from && soldering ? (
                <Line>
                    <Typed
                        label="heat"
                        value={heat.name}
                        onChange={(name) => setHeat((now) => ({ ...now, name }))}
                    />
                    <Typed
                        label="solder used"
                        value={heat.mass}
                        onChange={(typed) => setHeat((now) => ({ ...now, mass: typed }))}
                    />
                    <Act
                        kind="line"
                        disabled={heat.mass.trim() === ''}
                        onClick={() =>
                            go('solder', { piece: from.id, mass: mass(heat.mass), heat: heat.name }, () =>
                                setHeat({ name: '', mass: '' }),
                            )
                        }
                    >
                        Note it as an allowance
                    </Act>
                    <Box color="soft" fontSize="14px">
                        for solder that has no lot of its own
                    </Box>
                </Line>
            ) : null}
            {from ? (
                <Line>
                    {held.length > 1 ? (
                        <Pick
                            label="given back from"
                            value={String(from.id)}
                            options={held.map((lot) => [String(lot.id), named(lot)])}
                            onChange={(one) => setBack((now) => ({ ...now, piece: one }))}
                        />
                    ) : null}
                    <Typed
                        label="mass given back"
                        value={back.mass}
                        onChange={(typed) => setBack((now) => ({ ...now, mass: typed }))}
                    />
                    <Typed
                        label="dust lost"
                        value={back.loss}
                        onChange={(loss) => setBack((now) => ({ ...now, loss }))}
                    />
                    <Pick
                        label="given back as"
                        value={back.what}
                        options={['cuttings', 'filings', 'sprues'].map((one) => [one, one])}
                        onChange={(what) => setBack((now) => ({ ...now, what }))}
                    />
                    <Pick
                        label="given back to"
                        value={back.to}
                        options={[
                            ['', 'as scrap of its own'],
                            ...data.lots
                                .filter((lot) => lot.alloy === from.alloy && lot.client_id === from.client_id)
                                .map((lot): [string, string] => [String(lot.id), named(lot)]),
                        ]}
                        onChange={(to) => setBack((now) => ({ ...now, to }))}
                    />
                    <Act
                        kind="line"
                        disabled={back.mass.trim() === ''}
                        onClick={() =>
                            go(
                                'back',
                                {
                                    piece: from.id,
                                    mass: mass(back.mass),
                                    loss: back.loss.trim() === '' ? 0 : mass(back.loss),
                                    to: back.to === '' ? null : Number(back.to),
                                    what: back.what,
                                },
                                () => setBack((now) => ({ ...now, mass: '', loss: '' })),
                            )
                        }
                    >
                        Give it back
                    </Act>
                </Line>
            ) : null}
            <Said words={refused} />
        </Section>
    );
}

/** The casting with its sprues off: both go on the balance, and the sprues to the lot of the button. */
export function Trim({ work }: { work: Work }) {
    const { data, send, refused, number } = useJobMetal(work);
    const { units } = useUnits();
    const weighed = useWeighed();
    const [cut, setCut] = useState({ casting: '', sprues: '' });
    const casting = data?.held.at(-1);
    if (!casting) return null;
    return (
        <Section
            name="trim"
            title="Sprues off"
            hint={`the account holds ${weighed(casting.mass)} of this casting`}
        >
            <Line>
                <Typed
                    label="trimmed"
                    value={cut.casting}
                    onChange={(typed) => setCut((now) => ({ ...now, casting: typed }))}
                />
                <Typed
                    label="sprues"
                    value={cut.sprues}
                    onChange={(typed) => setCut((now) => ({ ...now, sprues: typed }))}
                />
                <Act
                    kind="main"
                    disabled={cut.casting.trim() === '' || cut.sprues.trim() === ''}
                    loading={send.isPending}
                    onClick={() =>
                        send.mutate(
                            {
                                path: `jobs/${number}/metal/trim`,
                                body: {
                                    casting: withUnit(cut.casting, 'mass', units),
                                    sprues: withUnit(cut.sprues, 'mass', units),
                                },
                            },
                            { onSuccess: () => setCut({ casting: '', sprues: '' }) },
                        )
                    }
                >
                    Sprues back to their lot
                </Act>
                <Box color="soft" fontSize="14px">
                    what is missing is the saw’s
                </Box>
            </Line>
            <Said words={refused} />
        </Section>
    );
}

/** Metal of the client’s that is in no piece: given back, credited, or kept for the next one. */
export function ClientLeft({ work }: { work: Work }) {
    const { data, send, refused } = useJobMetal(work);
    const weighed = useWeighed();
    const [why, setWhy] = useState('');
    const left = data?.left ?? [];
    if (left.length === 0) return null;
    return (
        <Section
            name="client-left"
            title="The client’s own metal that is left"
            hint={left.map((lot) => weighed(lot.mass)).join(', ')}
        >
            {left.map((lot) => (
                <Line key={lot.id}>
                    <Box flex="1">
                        {named(lot)}, {weighed(lot.mass)}
                    </Box>
                    <Act
                        kind="offer"
                        onClick={() =>
                            send.mutate({
                                path: 'metal/move',
                                body: {
                                    kind: 'return',
                                    postings: [{ lot: lot.id, mass: `-${lot.mass} g` }],
                                    reason: `handed over with job ${work.job!.number}`,
                                },
                            })
                        }
                    >
                        Given back
                    </Act>
                    <Typed label="what was agreed" wide value={why} onChange={setWhy} />
                    <Act
                        kind="line"
                        disabled={why.trim() === ''}
                        onClick={() =>
                            send.mutate({ path: `metal/lots/${lot.id}/credit`, body: { reason: why } })
                        }
                    >
                        Credited
                    </Act>
                </Line>
            ))}
            <Line>
                <Act kind="line" onClick={() => work.edit('handover.client_left', 'kept')}>
                    It is kept for the client’s next piece
                </Act>
            </Line>
            <Said words={refused} />
        </Section>
    );
}
