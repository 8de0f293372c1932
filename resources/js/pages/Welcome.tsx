import { Box, Flex, Input } from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { useNavigate } from 'react-router';
import { get, Refusal, send } from '../api/client';
import type { Bench, Catalogue, Shop, Workshop } from '../api/types';
import { Act } from '../bench/Act';
import { saidChoice } from '../bench/choices';
import { Fetching } from '../bench/Fetching';
import { Pick } from '../bench/fields';
import { useCatalogue } from '../shell/catalogue';

/** What is asked at the first start, by the path of the workshop's figure; the usual ones stand there already. */
const CHOICES = [
    ['units.length', 'Lengths are shown in'],
    ['units.mass', 'Masses in'],
    ['units.temperature', 'Heat in'],
    ['units.size', 'Ring sizes by'],
    ['charge.method', 'Metal is poured by'],
] as const;
const RATES = [
    ['burnout.climb_c_per_min', 'The kiln climbs, °C a minute'],
    ['burnout.fall_c_per_min', 'and falls, °C a minute'],
] as const;

type Flask = Record<string, unknown> & { name: string };

/** The first page of an empty workshop: who works here and with what, on one page, then the way to a first ring. */
export function Welcome({ bench }: { bench: Bench }) {
    const catalogue = useCatalogue();
    const shop = useQuery({ queryKey: ['shop'], queryFn: () => get<Shop>('shop') });
    const house = useQuery({ queryKey: ['workshop'], queryFn: () => get<Workshop>('workshop') });
    if (!catalogue || !shop.data) return <Fetching words="Sweeping the bench…" query={shop} />;
    if (!house.data) return <Fetching words="Sweeping the bench…" query={house} />;
    return <Questions {...{ bench, catalogue, shop: shop.data, house: house.data }} />;
}

function Questions({
    bench,
    catalogue,
    shop,
    house,
}: {
    bench: Bench;
    catalogue: Catalogue;
    shop: Shop;
    house: Workshop;
}) {
    const go = useNavigate();
    const queries = useQueryClient();
    const flasks = (shop.figures['stock.flasks']?.value ?? []) as Flask[];
    const [name, setName] = useState('');
    const [zone, setZone] = useState(house.timezone);
    const [said, setSaid] = useState<Record<string, string>>({});
    const [without, setWithout] = useState<string[]>([]);
    const stands = (path: string) => said[path] ?? String(shop.figures[path]?.value ?? '');
    const open = useMutation({
        mutationFn: async () => {
            const figures: Record<string, unknown> = Object.fromEntries(
                Object.entries(said).filter(([path, to]) => to !== String(shop.figures[path]?.value)),
            );
            if (without.length > 0)
                figures['stock.flasks'] = flasks.filter((flask) => !without.includes(flask.name));
            if (Object.keys(figures).length > 0) await send('PUT', 'shop', figures);
            if (name.trim() !== '' && bench.person)
                await send('PUT', `people/${bench.person.id}`, { name: name.trim() });
            // Last: it is by this that the workshop knows that it was asked.
            await send('PUT', 'workshop', { timezone: zone });
        },
        onSuccess: async () => {
            await queries.invalidateQueries();
            void go('/jobs?new=1');
        },
    });
    const errors =
        open.error instanceof Refusal ? Object.values(open.error.errors).flat() : [open.error?.message];
    return (
        <Box
            as="form"
            data-testid="welcome"
            maxW="760px"
            onSubmit={(event) => {
                event.preventDefault();
                open.mutate();
            }}
        >
            <Box fontSize="17px" mb={4}>
                A bench, swept. Say who works here and with what; the usual figures stand there already, and
                all of it can be changed in Shop and Workshop.
            </Box>
            <Row label="Who works here">
                <Input
                    aria-label="Who works here"
                    placeholder="your name"
                    h="44px"
                    w="280px"
                    bg="card"
                    borderColor="edge"
                    value={name}
                    onChange={(event) => setName(event.target.value)}
                />
            </Row>
            <Row label="The workshop’s time">
                <Pick
                    label="The workshop’s time"
                    value={zone}
                    options={house.zones.map((one): [string, string] => [one, one.replaceAll('_', ' ')])}
                    onChange={setZone}
                />
            </Row>
            {CHOICES.map(([path, label]) => {
                const field = catalogue.rules[path]!;
                return (
                    <Row key={path} label={label}>
                        <Pick
                            label={label}
                            value={stands(path)}
                            options={field.choices.map((one): [string, string] => [
                                one,
                                saidChoice(field, one),
                            ])}
                            onChange={(to) => setSaid((now) => ({ ...now, [path]: to }))}
                        />
                    </Row>
                );
            })}
            {RATES.map(([path, label]) => (
                <Row key={path} label={label}>
                    <Input
                        aria-label={label}
                        inputMode="decimal"
                        h="44px"
                        w="110px"
                        bg="card"
                        borderColor="edge"
                        value={stands(path)}
                        onChange={(event) => setSaid((now) => ({ ...now, [path]: event.target.value }))}
                    />
                </Row>
            ))}
            <Row label="Flasks on the shelf, inches">
                <Flex gap={4} wrap="wrap">
                    {flasks.map((flask) => (
                        <label
                            key={flask.name}
                            style={{
                                display: 'flex',
                                gap: 8,
                                minHeight: 44,
                                minWidth: 64,
                                alignItems: 'center',
                            }}
                        >
                            <input
                                type="checkbox"
                                style={{ width: 22, height: 22 }}
                                checked={!without.includes(flask.name)}
                                onChange={() =>
                                    setWithout((now) =>
                                        now.includes(flask.name)
                                            ? now.filter((one) => one !== flask.name)
                                            : [...now, flask.name],
                                    )
                                }
                            />
                            {flask.name}
                        </label>
                    ))}
                </Flex>
            </Row>
            {open.error ? (
                <Box role="alert" color="hot" mt={2}>
                    {errors.join(' ')}
                </Box>
            ) : null}
            <Flex mt={4} gap={3} align="center" wrap="wrap">
                <Act kind="main" type="submit" h="50px" px={6} loading={open.isPending}>
                    Open the workshop
                </Act>
                <Box color="soft" fontSize="14.5px">
                    Then a first commission: finger, metal, width, thickness, and the wax can be carved.
                </Box>
            </Flex>
        </Box>
    );
}

function Row({ label, children }: { label: string; children: ReactNode }) {
    return (
        <Flex
            gap={3}
            align="center"
            wrap="wrap"
            py="5px"
            borderBottomWidth="1px"
            borderColor="rule"
            minH="56px"
        >
            <Box w="240px" color="soft">
                {label}
            </Box>
            {children}
        </Flex>
    );
}
