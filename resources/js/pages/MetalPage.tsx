import { Box, Button, Flex } from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { get, post, Refusal } from '../api/client';
import type { Metal } from '../api/types';
import { Act } from '../bench/Act';
import { When } from '../bench/fields';
import { moment, say, useUnits } from '../bench/units';
import { Lots } from '../metal/Lots';
import { Move } from '../metal/Move';
import { Ask, Section } from '../metal/parts';
import { Prices } from '../metal/Prices';
import { Safe } from '../metal/Safe';
import { Receive } from '../metal/Receive';
import { useTitle } from '../shell/useTitle';
import { Fetching } from '../bench/Fetching';
import { WideTable } from '../bench/WideTable';

/** The metal account: what there is, gross and fine, what came and went, and every movement of it. */
export default function MetalPage() {
    useTitle('Metal');
    const queries = useQueryClient();
    const { units } = useUnits();
    const [by, setBy] = useState<'alloy' | 'owner' | 'lot'>('alloy');
    const [period, setPeriod] = useState({ from: '', to: '' });
    const [lot, setLot] = useState<number | null>(null);
    const [problem, setProblem] = useState<string[]>([]);
    const file = useRef<HTMLInputElement>(null);
    const wanted = new URLSearchParams(
        Object.entries({ by, ...period, lot: lot === null ? '' : String(lot) }).filter(
            ([, value]) => value !== '',
        ),
    ).toString();
    const query = useQuery({ queryKey: ['metal', wanted], queryFn: () => get<Metal>(`metal?${wanted}`) });
    const { data } = query;
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
    if (!data) return <Fetching words="Opening the safe…" query={query} />;
    const standing = data.lots.filter((lot) => lot.mass > 0);
    return (
        <Box as="main" px={5} py={5} maxW="1180px" w="full" mx="auto">
            <Flex align="baseline" gap={4} wrap="wrap">
                <Box as="h1" fontSize="24px" fontWeight="600">
                    Metal
                </Box>
                <Box color="soft">every movement balances to the milligram, and is only ever reversed</Box>
                <Box flex="1" />
                <a
                    href={`/api/metal/statement.csv?${wanted}`}
                    style={{
                        color: 'var(--chakra-colors-verdigris)',
                        minHeight: 44,
                        minWidth: 44,
                        paddingTop: 10,
                    }}
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
            <Safe lots={standing} flow={data.flow} charges={data.charges} />
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
                        <When
                            key={one}
                            label={one}
                            day
                            value={period[one]}
                            onChange={(to) => setPeriod((now) => ({ ...now, [one]: to }))}
                        />
                    ))}
                </Flex>
                <WideTable label="Statement">
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
                </WideTable>
                {data.statement.length === 0 ? (
                    <Box color="soft">No metal has been received yet. Receive the first lot below.</Box>
                ) : null}
            </Section>
            <Flex gap={8} wrap="wrap">
                <Receive onSend={(body) => act('metal', body)} />
                <Move lots={standing} all={data.lots} onSend={(body) => act('metal/move', body)} />
            </Flex>
            <Lots lots={standing} onFollow={setLot} act={act} />
            <Prices />
            <Section title={lot === null ? 'Movements' : `Movements of lot ${lot}`}>
                {lot === null ? null : (
                    <Act kind="turn" onClick={() => setLot(null)}>
                        all movements
                    </Act>
                )}
                <WideTable label="Movements">
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
                </WideTable>
            </Section>
        </Box>
    );
}
