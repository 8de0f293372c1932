import { Box, Flex } from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { lazy, Suspense, useRef, useState } from 'react';
import { get, post } from '../api/client';
import type { Schemas } from '../api/types';
import { Act } from '../bench/Act';
import { Pick, Typed, When } from '../bench/fields';
import { Refused } from '../bench/Refused';
import { moment } from '../bench/units';
import { WideTable } from '../bench/WideTable';
import { money } from '../pages/price/QuoteTable';
import { today } from '../shell/zone';
import { Section } from './parts';

type Prices = Schemas['MetalPrices'];

const PriceChart = lazy(() => import('./PriceChart'));

/** Prices of metal by day: typed, read from a file, or from a feed that is simulated and says so; a chart of each. */
export function Prices() {
    const queries = useQueryClient();
    const { data } = useQuery({ queryKey: ['metal-prices'], queryFn: () => get<Prices>('metal-prices') });
    const [metal, setMetal] = useState('gold');
    const [price, setPrice] = useState('');
    const [day, setDay] = useState(today());
    const file = useRef<HTMLInputElement>(null);
    const send = useMutation({
        mutationFn: ({ path, body }: { path: string; body?: unknown }) => post<Prices>(path, body),
        onSuccess: (prices) => {
            queries.setQueryData(['metal-prices'], prices);
            setPrice('');
            void queries.invalidateQueries({ queryKey: ['price'] });
        },
    });
    if (!data) return null;
    const shown = data.metals.filter((one) => data.prices.some((price) => price.metal === one));
    return (
        <Section title="Prices of metal">
            <Box data-testid="metal-prices">
                {shown.length === 0 ? (
                    <Box color="soft">No price is known yet: a fine gram’s, by metal and day.</Box>
                ) : null}
                <Flex gap={6} wrap="wrap">
                    {shown.map((one) => (
                        <OfMetal key={one} name={one} data={data} />
                    ))}
                </Flex>
                <Flex gap={2} mt={2} align="end" wrap="wrap">
                    <Pick
                        label="Which metal"
                        value={metal}
                        options={data.metals.map((one): [string, string] => [one, one])}
                        onChange={setMetal}
                    />
                    <Typed label="a fine gram" value={price} onChange={setPrice} />
                    <When label="on" day value={day} onChange={setDay} />
                    <Act
                        kind="line"
                        disabled={price.trim() === ''}
                        loading={send.isPending}
                        onClick={() =>
                            send.mutate({
                                path: 'metal-prices',
                                body: { metal, price: Number(price.replace(',', '.')), on: day },
                            })
                        }
                    >
                        Keep the price
                    </Act>
                    <Act kind="quiet" onClick={() => file.current?.click()}>
                        read a file
                    </Act>
                    <input
                        ref={file}
                        type="file"
                        accept=".csv,text/csv"
                        aria-label="File of metal prices"
                        hidden
                        onChange={(event) => {
                            const chosen = event.target.files?.[0];
                            if (!chosen) return;
                            const body = new FormData();
                            body.append('file', chosen);
                            send.mutate({ path: 'metal-prices/import', body });
                            event.target.value = '';
                        }}
                    />
                    <Act
                        kind="quiet"
                        loading={send.isPending}
                        onClick={() => send.mutate({ path: 'metal-prices/simulate' })}
                    >
                        today’s from the simulated feed
                    </Act>
                </Flex>
                <Refused error={send.error} />
            </Box>
        </Section>
    );
}

function OfMetal({ name, data }: { name: string; data: Prices }) {
    const [table, setTable] = useState(false);
    const prices = data.prices.filter((one) => one.metal === name);
    const last = prices.at(-1)!;
    return (
        <Box w={{ base: 'full', md: '340px' }} data-metal={name}>
            <Flex gap={2} align="baseline">
                <b>{name}</b>
                {money(last.price, data.currency)} a fine gram, {moment(last.on)}
                {last.source === 'simulated' ? ', simulated' : ''}
            </Flex>
            {prices.some((one) => one.source === 'simulated') ? (
                <Box color="soft">some of these are of the simulated feed</Box>
            ) : null}
            {table ? (
                <WideTable label={`Prices of ${name}`}>
                    <tbody>
                        {prices.map((one, at) => (
                            <tr key={at}>
                                <td>{moment(one.on)}</td>
                                <td>{money(one.price, data.currency)}</td>
                                <td>{one.source}</td>
                            </tr>
                        ))}
                    </tbody>
                </WideTable>
            ) : (
                <Suspense fallback={<Box h="140px" />}>
                    <PriceChart prices={prices} />
                </Suspense>
            )}
            <Act kind="quiet" aria-pressed={table} onClick={() => setTable(!table)}>
                {table ? 'as a chart' : `as a table: ${name}`}
            </Act>
        </Box>
    );
}
