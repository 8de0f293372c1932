import { Box, Button, Flex, Input } from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useRef, useState, type ReactNode } from 'react';
import { get, post, Refusal } from '../api/client';
import type { Client } from '../api/types';
import { moment, say, useUnits, withUnit } from '../bench/units';
import { Pick, Typed } from '../bench/fields';
import type { Lot, Metal } from '../api/types';
import { useCatalogue } from '../shell/catalogue';
import { Act } from '../bench/Act';

const KINDS: [string, string][] = [
    ['cut', 'cut from a lot into another'],
    ['melt', 'melt into another'],
    ['scrap', 'gather as scrap'],
    ['sweeps', 'sweeps come back'],
    ['return', 'return to the client'],
    ['deliver', 'deliver'],
    ['correct', 'correct, with a reason'],
];
const ONE_LOT = ['sweeps', 'return', 'deliver', 'correct'];

/** The metal account: what there is, gross and fine, what came and went, and every movement of it. */
export default function MetalPage() {
    const queries = useQueryClient();
    const { units } = useUnits();
    const [by, setBy] = useState<'alloy' | 'owner' | 'lot'>('alloy');
    const [period, setPeriod] = useState({ from: '', to: '' });
    const [lot, setLot] = useState<number | null>(null);
    const [problem, setProblem] = useState<string[]>([]);
    const file = useRef<HTMLInputElement>(null);
    const query = new URLSearchParams(
        Object.entries({ by, ...period, lot: lot === null ? '' : String(lot) }).filter(
            ([, value]) => value !== '',
        ),
    ).toString();
    const { data } = useQuery({ queryKey: ['metal', query], queryFn: () => get<Metal>(`metal?${query}`) });
    const send = useMutation({
        mutationFn: ({ path, body }: { path: string; body: unknown }) => post<Metal>(path, body),
        onSuccess: () => {
            setProblem([]);
            void queries.invalidateQueries({ queryKey: ['metal'] });
        },
        onError: (error) =>
            setProblem(
                error instanceof Refusal
                    ? Object.entries(error.errors).flatMap(([where, words]) =>
                          words.map((word) => (where.startsWith('line') ? `${where}: ${word}` : word)),
                      )
                    : [error.message],
            ),
    });
    const act = (path: string, body: unknown) => send.mutateAsync({ path, body }).catch(() => undefined);
    const grams = (value: number) => {
        const said = say(value, 'account', units);
        return `${said.figure} ${said.unit}`;
    };
    if (!data) return <Box p={8}>Opening the safe…</Box>;
    const standing = data.lots.filter((lot) => lot.mass > 0);
    const heaviest = Math.max(...standing.map((lot) => lot.mass));
    return (
        <Box as="main" px={5} py={5} maxW="1180px" w="full" mx="auto">
            <Flex align="baseline" gap={4} wrap="wrap">
                <Box as="h1" fontSize="24px" fontWeight="600">
                    Metal
                </Box>
                <Box color="soft">every movement balances to the milligram, and is only ever reversed</Box>
                <Box flex="1" />
                <a
                    href={`/api/metal/statement.csv?${query}`}
                    style={{ color: 'var(--chakra-colors-verdigris)', minHeight: 44, paddingTop: 10 }}
                >
                    CSV
                </a>
                <Act kind="line" onClick={() => file.current?.click()}>
                    take in lots
                </Act>
                <input
                    ref={file}
                    type="file"
                    accept=".csv"
                    hidden
                    data-testid="lots"
                    onChange={(event) => {
                        const form = new FormData();
                        const chosen = event.target.files?.[0];
                        if (chosen) {
                            form.append('file', chosen);
                            void act('metal/import', form);
                        }
                        event.target.value = '';
                    }}
                />
            </Flex>
            {problem.length > 0 ? (
                <Box role="alert" borderLeftWidth="3px" borderColor="hot" pl={3} my={2}>
                    {problem.map((one) => (
                        <Box key={one}>{one}</Box>
                    ))}
                </Box>
            ) : null}
            <Section title="How it stands">
                <Flex gap={2} wrap="wrap" align="center" mb={2}>
                    {(['alloy', 'owner', 'lot'] as const).map((one) => (
                        <Button
                            key={one}
                            variant="plain"
                            minH="44px"
                            color={one === by ? 'ink' : 'soft'}
                            borderBottomWidth="3px"
                            borderRadius={0}
                            borderColor={one === by ? 'verdigris' : 'transparent'}
                            aria-pressed={one === by}
                            onClick={() => setBy(one)}
                        >
                            by {one}
                        </Button>
                    ))}
                    {(['from', 'to'] as const).map((one) => (
                        <Input
                            key={one}
                            aria-label={one}
                            type="date"
                            h="44px"
                            w="170px"
                            bg="card"
                            borderColor="rule"
                            value={period[one]}
                            onChange={(event) => setPeriod((now) => ({ ...now, [one]: event.target.value }))}
                        />
                    ))}
                </Flex>
                <table className="figures wide" aria-label="Statement">
                    <thead>
                        <tr>
                            <th></th>
                            <th>before</th>
                            <th>in</th>
                            <th>out</th>
                            <th>now</th>
                            <th>fine</th>
                        </tr>
                    </thead>
                    <tbody>
                        {data.statement.map((row) => (
                            <tr key={row.of} data-statement={row.of}>
                                <td>{row.of.replaceAll('-', ' ')}</td>
                                <td>{grams(row.before_mg / 1000)}</td>
                                <td>{grams(row.in_mg / 1000)}</td>
                                <td>{grams(row.out_mg / 1000)}</td>
                                <td>
                                    <b>{grams(row.now_mg / 1000)}</b>
                                </td>
                                <td>{grams(row.fine_mg / 1000)}</td>
                            </tr>
                        ))}
                    </tbody>
                </table>
                {data.statement.length === 0 ? (
                    <Box color="soft">No metal has been received yet. Receive the first lot below.</Box>
                ) : null}
            </Section>
            <Flex gap={8} wrap="wrap">
                <Receive onSend={(body) => act('metal', body)} />
                <Move lots={standing} all={data.lots} onSend={(body) => act('metal/move', body)} />
            </Flex>
            <Section title="Lots">
                <table className="figures wide" aria-label="Lots">
                    <tbody>
                        {standing.map((lot) => (
                            <tr key={lot.id} data-lot={lot.id}>
                                <td style={{ width: '45%' }}>
                                    <Act
                                        kind="turn"
                                        minW="44px"
                                        px={1}
                                        aria-label={`follow lot ${lot.id}`}
                                        onClick={() => setLot(lot.id)}
                                    >
                                        {lot.id}
                                    </Act>{' '}
                                    {lot.name}
                                    <Box as="span" color="soft">
                                        {' '}
                                        {lot.kind}
                                        {lot.origin ? ` · ${lot.origin}` : ''}
                                    </Box>
                                    <Box
                                        aria-hidden
                                        className="lot-bar"
                                        style={{ width: `${(lot.mass / heaviest) * 100}%` }}
                                    />
                                </td>
                                <td>{lot.alloy.replaceAll('-', ' ')}</td>
                                <td>{lot.owner ?? 'the workshop'}</td>
                                <td>
                                    <b>{grams(lot.mass)}</b>
                                </td>
                                <td>
                                    <Ask
                                        words="weigh"
                                        name={`weigh lot ${lot.id}`}
                                        label="on the balance"
                                        done="keep"
                                        onDone={(mass) =>
                                            act(`metal/lots/${lot.id}/weigh`, {
                                                mass: withUnit(mass, 'mass', units),
                                            })
                                        }
                                    />
                                </td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            </Section>
            <Section title={lot === null ? 'Movements' : `Movements of lot ${lot}`}>
                {lot === null ? null : (
                    <Act kind="turn" onClick={() => setLot(null)}>
                        all movements
                    </Act>
                )}
                <table className="figures wide" aria-label="Movements">
                    <tbody>
                        {data.movements.map((one) => (
                            <tr key={one.id} data-movement={one.id}>
                                <td>
                                    <b>{one.reverses ? `${one.kind}, taken back` : one.kind}</b>{' '}
                                    {one.postings
                                        .map(
                                            (posting) =>
                                                `${posting.mass > 0 ? '+' : '−'}${grams(Math.abs(posting.mass))} ${posting.name}`,
                                        )
                                        .join(', ')}
                                    {one.loss !== 0 ? `, loss ${grams(one.loss)}` : ''}
                                    <Box as="span" color="soft">
                                        {one.job ? ` · job ${one.job}` : ''}
                                        {one.reason ? ` · ${one.reason}` : ''}
                                    </Box>
                                </td>
                                <td>{one.by ?? ''}</td>
                                <td>{moment(one.at)}</td>
                                <td>
                                    {one.reverses || one.reversed ? (
                                        <Box as="span" color="soft">
                                            {one.reversed ? 'reversed' : ''}
                                        </Box>
                                    ) : (
                                        <Ask
                                            words="take back"
                                            label="why back"
                                            done="take it back"
                                            quiet
                                            wide
                                            onDone={(reason) =>
                                                act(`metal/movements/${one.id}/reverse`, { reason })
                                            }
                                        />
                                    )}
                                </td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            </Section>
        </Box>
    );
}

function Section({ title, children }: { title: string; children: ReactNode }) {
    return (
        <Box as="section" borderTopWidth="1px" borderColor="rule" py={3} mt={3} flex="1" minW="320px">
            <Box as="h2" fontSize="17px" fontWeight="600" mb={2}>
                {title}
            </Box>
            {children}
        </Box>
    );
}

function Do({ children }: { children: ReactNode }) {
    return (
        <Act kind="main" type="submit">
            {children}
        </Act>
    );
}

function Receive({ onSend }: { onSend: (body: unknown) => Promise<unknown> }) {
    const { units } = useUnits();
    const catalogue = useCatalogue();
    const { data } = useQuery({
        queryKey: ['clients'],
        queryFn: () => get<{ clients: Client[] }>('clients'),
    });
    const [lot, setLot] = useState({ alloy: 'sterling-925', mass: '', name: '', client: '', reason: '' });
    const put = (name: string) => (value: string) => setLot((now) => ({ ...now, [name]: value }));
    const alloys = catalogue?.decisions['brief.alloy']?.choices ?? [];
    return (
        <Section title="Receive">
            <Flex
                as="form"
                gap={2}
                wrap="wrap"
                onSubmit={(event) => {
                    event.preventDefault();
                    void onSend({
                        alloy: lot.alloy,
                        mass: withUnit(lot.mass, 'mass', units),
                        name: lot.name,
                        client_id: lot.client === '' ? null : Number(lot.client),
                        reason: lot.reason,
                    }).then((done) => done && setLot((now) => ({ ...now, mass: '', name: '', reason: '' })));
                }}
            >
                <Pick
                    label="alloy received"
                    value={lot.alloy}
                    options={alloys.map((one): [string, string] => [one, one.replaceAll('-', ' ')])}
                    onChange={put('alloy')}
                />
                <Typed label="mass received" value={lot.mass} onChange={put('mass')} />
                <Typed label="what it is called" value={lot.name} wide onChange={put('name')} />
                <Pick
                    label="whose it is"
                    value={lot.client}
                    options={[
                        ['', 'the workshop’s'],
                        ...(data?.clients.map((one): [string, string] => [String(one.id), one.name]) ?? []),
                    ]}
                    onChange={put('client')}
                />
                <Typed label="where from" value={lot.reason} wide onChange={put('reason')} />
                <Do>Receive it</Do>
            </Flex>
        </Section>
    );
}

function Move({
    lots,
    all,
    onSend,
}: {
    lots: Lot[];
    all: Lot[];
    onSend: (body: unknown) => Promise<unknown>;
}) {
    const { units } = useUnits();
    const [move, setMove] = useState({ kind: 'cut', from: '', to: '', mass: '', loss: '', reason: '' });
    const put = (name: string) => (value: string) => setMove((now) => ({ ...now, [name]: value }));
    const single = ONE_LOT.includes(move.kind);
    const named = (some: Lot[]): [string, string][] => [
        ['', 'which lot?'],
        ...some.map((lot): [string, string] => [
            String(lot.id),
            `${lot.id} ${lot.name}, ${lot.alloy.replaceAll('-', ' ')}`,
        ]),
    ];
    const send = () => {
        const mass = withUnit(move.mass, 'mass', units);
        const out = move.kind === 'sweeps' || move.kind === 'correct' ? mass : `-${mass}`;
        const loss = withUnit(move.loss, 'mass', units);
        const number = (text: string) => Number(text.replace(/[^\d.,]/g, '').replace(',', '.')) || 0;
        const unit = mass.replace(/^[\d.,\s]+/, '');
        // What arrives is what was taken less what was lost, in the same unit.
        const arrives = `${Number((number(mass) - number(loss)).toFixed(6))} ${unit}`;
        return onSend({
            kind: move.kind,
            reason: move.reason,
            loss: single || move.loss === '' ? undefined : loss,
            postings: single
                ? [{ lot: Number(move.from), mass: out }]
                : [
                      { lot: Number(move.from), mass: out },
                      { lot: Number(move.to), mass: arrives },
                  ],
        });
    };
    return (
        <Section title="Move">
            <Flex
                as="form"
                gap={2}
                wrap="wrap"
                onSubmit={(event) => {
                    event.preventDefault();
                    void send().then(
                        (done) => done && setMove((now) => ({ ...now, mass: '', loss: '', reason: '' })),
                    );
                }}
            >
                <Pick label="what happens" value={move.kind} options={KINDS} onChange={put('kind')} />
                <Pick
                    label="of lot"
                    value={move.from}
                    options={named(move.kind === 'sweeps' ? all : lots)}
                    onChange={put('from')}
                />
                {single ? null : (
                    <Pick label="into lot" value={move.to} options={named(all)} onChange={put('to')} />
                )}
                <Typed label="mass moved" value={move.mass} onChange={put('mass')} />
                {single ? null : <Typed label="lost" value={move.loss} onChange={put('loss')} />}
                <Typed label="why" value={move.reason} wide onChange={put('reason')} />
                <Do>Move it</Do>
            </Flex>
        </Section>
    );
}

/** A button that asks for one thing before it is done; it stays open where that is refused. */
function Ask({
    words,
    name,
    label,
    done,
    quiet,
    wide,
    onDone,
}: {
    words: string;
    name?: string;
    label: string;
    done: string;
    quiet?: boolean;
    wide?: boolean;
    onDone: (said: string) => Promise<unknown>;
}) {
    const [said, setSaid] = useState<string | null>(null);
    if (said === null)
        return (
            <Button
                variant="plain"
                color={quiet ? 'soft' : 'verdigris'}
                minH="44px"
                aria-label={name}
                onClick={() => setSaid('')}
            >
                {words}
            </Button>
        );
    return (
        <Flex
            as="form"
            gap={1}
            justify="end"
            onSubmit={(event) => {
                event.preventDefault();
                void onDone(said).then((answer) => answer && setSaid(null));
            }}
        >
            <Typed label={label} value={said} {...(wide ? { wide } : {})} onChange={setSaid} />
            <Do>{done}</Do>
        </Flex>
    );
}
