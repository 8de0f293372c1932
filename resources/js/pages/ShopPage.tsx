import { Box, Flex } from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { get, Refusal, send } from '../api/client';
import type { Field, Shop } from '../api/types';
import { FigureField } from '../bench/FigureField';
import { RowsTable, type Row } from '../bench/RowsTable';
import { say, useUnits, withUnit, type Units } from '../bench/units';
import { useCatalogue } from '../shell/catalogue';
import { StretchLog } from './StretchLog';
import { Act } from '../bench/Act';
import { useTitle } from '../shell/useTitle';
import { Fetching } from '../bench/Fetching';

const GROUPS: [string, string][] = [
    ['units', 'Units'],
    ['allowances', 'Finishing allowances'],
    ['limits', 'Limits'],
    ['shrinkage', 'Shrinkage'],
    ['charge', 'Charge and button'],
    ['sprue', 'Sprues'],
    ['flask', 'Flask margins'],
    ['investment', 'Investment'],
    ['burnout', 'Burnout'],
    ['work', 'Strips and sizing'],
    ['sizing', 'Sizing fees'],
    ['solder', 'Solder'],
    ['finish', 'Finishing and hand-over'],
    ['price', 'Prices'],
    ['time', 'Minutes'],
];

/** The workshop's own figures beside the usual ones. Open jobs keep the figures they began with. */
export default function ShopPage() {
    useTitle('Shop');
    const queries = useQueryClient();
    const catalogue = useCatalogue();
    const { units, set } = useUnits();
    const query = useQuery({ queryKey: ['shop'], queryFn: () => get<Shop>('shop') });
    const shop = query.data;
    const [draft, setDraft] = useState<Record<string, string | boolean | null>>({});
    const save = useMutation({
        mutationFn: (figures: Record<string, unknown>) => send<Shop>('PUT', 'shop', figures),
        onSuccess: (answer, sent) => {
            queries.setQueryData(['shop'], answer);
            void queries.invalidateQueries({ queryKey: ['catalogue'] });
            void queries.invalidateQueries({ queryKey: ['job'] });
            setDraft((now) => Object.fromEntries(Object.entries(now).filter(([path]) => !(path in sent))));
        },
    });
    const errors = save.error instanceof Refusal ? save.error.errors : {};
    if (!shop || !catalogue) return <Fetching words="Opening the drawer…" query={query} />;
    const fields = Object.values(catalogue.rules);
    const keep = (path: string) => (typed: string | boolean | null) => {
        setDraft((now) => ({ ...now, [path]: typed }));
        const unit = {
            'units.length': 'length',
            'units.mass': 'mass',
            'units.temperature': 'temperature',
            'units.size': 'size',
        }[path];
        if (unit && typeof typed === 'string') set({ [unit]: typed } as Partial<Units>);
    };
    const changed = Object.keys(draft).length;
    return (
        <Box as="main" px={5} py={5} maxW="1180px" w="full" mx="auto">
            <Flex align="baseline" gap={4} wrap="wrap" mb={2}>
                <Box as="h1" fontSize="24px" fontWeight="600">
                    Shop
                </Box>
                <Box color="soft">
                    Your own figures. A job keeps those it began with, until you say otherwise on it.{' '}
                    <Link to="/workshop" className="way-on">
                        People, hours, backups and the journal
                    </Link>{' '}
                    <Link to="/shop/own" className="way-on">
                        What our own jobs say
                    </Link>
                </Box>
                <Box flex="1" />
                {changed > 0 ? (
                    <>
                        <Act kind="quiet" minH="46px" onClick={() => setDraft({})}>
                            put back
                        </Act>
                        <Act
                            kind="main"
                            minH="46px"
                            px={5}
                            onClick={() =>
                                save.mutate(
                                    Object.fromEntries(
                                        Object.entries(draft).map(([path, typed]) => [
                                            path,
                                            typeof typed === 'string'
                                                ? withUnit(
                                                      typed,
                                                      catalogue.rules[path]?.quantity ?? '',
                                                      units,
                                                  )
                                                : typed,
                                        ]),
                                    ),
                                )
                            }
                        >
                            Keep {changed === 1 ? 'this figure' : `these ${changed} figures`}
                        </Act>
                    </>
                ) : null}
            </Flex>
            {errors._ ? (
                <Box role="alert" color="hot">
                    {errors._.join(' ')}
                </Box>
            ) : null}
            {GROUPS.map(([group, title]) => (
                <Box key={group} as="section" borderTopWidth="1px" borderColor="rule" py={3}>
                    <Box as="h2" fontSize="17px" fontWeight="600" mb={2}>
                        {title}
                    </Box>
                    <Flex gap={2} wrap="wrap">
                        {fields
                            .filter(
                                (field) => field.name.startsWith(`${group}.`) && field.quantity !== 'rows',
                            )
                            .map((field) => {
                                const figure = shop.figures[field.name]!;
                                const edited = draft[field.name];
                                const usual = say(figure.default, field.quantity, units);
                                return (
                                    <Box key={field.name} minW="200px" maxW="full">
                                        <FigureField
                                            label={field.meaning}
                                            field={field}
                                            value={
                                                edited !== undefined &&
                                                (field.choices.length > 0 || typeof edited === 'boolean')
                                                    ? edited
                                                    : edited === undefined
                                                      ? figure.value
                                                      : null
                                            }
                                            typed={
                                                edited === undefined
                                                    ? figure.typed === null
                                                        ? undefined
                                                        : String(figure.typed)
                                                    : (edited ?? undefined)?.toString()
                                            }
                                            origin={figure.own ? 'shop' : 'default'}
                                            error={errors[`rules.${field.name}`]?.[0]}
                                            path={field.name}
                                            onEdit={keep(field.name)}
                                        />
                                        {figure.own ? (
                                            <Act
                                                kind="turn"
                                                px={1}
                                                fontSize="13.5px"
                                                onClick={() => save.mutate({ [field.name]: null })}
                                            >
                                                back to the usual {usual.figure} {usual.unit}
                                            </Act>
                                        ) : null}
                                    </Box>
                                );
                            })}
                    </Flex>
                </Box>
            ))}
            {fields
                .filter((field) => field.quantity === 'rows')
                .map((field) => (
                    <List
                        key={field.name}
                        field={field}
                        rows={shop.figures[field.name]!.value as Row[]}
                        own={shop.figures[field.name]!.own}
                        error={errors[`rules.${field.name}`]?.[0]}
                        onKeep={(rows) => save.mutate({ [field.name]: rows })}
                    />
                ))}
            <StretchLog
                grades={(shop.figures['stock.solders']?.value ?? []) as { name: string; label: string }[]}
            />
        </Box>
    );
}

/** One of the workshop's lists, row by row. */
function List({
    field,
    rows,
    own,
    error,
    onKeep,
}: {
    field: Field;
    rows: Row[];
    own: boolean;
    error: string | undefined;
    onKeep: (rows: Row[] | null) => void;
}) {
    const [draft, setDraft] = useState<Row[] | null>(null);
    const shown = draft ?? rows;
    return (
        <Box as="details" borderTopWidth="1px" borderColor="rule" py={2} data-list={field.name}>
            <Box as="summary" minH="44px" cursor="pointer" fontSize="17px" fontWeight="600" pt={2}>
                {field.meaning}{' '}
                <Box as="span" color="soft" fontWeight="400" fontSize="14px">
                    {rows.length} rows{own ? ' · yours' : ' · as shipped'}
                </Box>
            </Box>
            {error ? (
                <Box role="alert" color="hot">
                    {error}
                </Box>
            ) : null}
            <RowsTable columns={field.columns} rows={shown} onChange={setDraft} />
            <Flex gap={2} mt={2} wrap="wrap">
                {draft ? (
                    <Act
                        kind="main"
                        onClick={() => {
                            onKeep(draft);
                            setDraft(null);
                        }}
                    >
                        Keep this list
                    </Act>
                ) : null}
                {own ? (
                    <Act
                        kind="turn"
                        onClick={() => {
                            onKeep(null);
                            setDraft(null);
                        }}
                    >
                        back to the list as shipped
                    </Act>
                ) : null}
            </Flex>
        </Box>
    );
}
