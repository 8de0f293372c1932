import { Box, Flex, Input } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { get } from '../../api/client';
import type { Schemas, Sheet } from '../../api/types';
import { Act } from '../../bench/Act';

type Suggestion = Schemas['Suggestion'];

/** A line in which one says what is wanted; the sums that may be meant stand under it, with what was read. */
export function AskLine({ sheets }: { sheets: Sheet[] }) {
    const go = useNavigate();
    const [said, setSaid] = useState('');
    const { data, isFetching } = useQuery({
        queryKey: ['ask', said.trim()],
        queryFn: ({ signal }) =>
            get<{ found: Suggestion[] }>(`ask?said=${encodeURIComponent(said.trim())}`, signal),
        enabled: said.trim() !== '',
        placeholderData: (before) => (said.trim() === '' ? undefined : before),
    });
    const found = said.trim() === '' ? [] : (data?.found ?? []);
    const take = (one: Suggestion | undefined) => {
        if (!one) return;
        setSaid('');
        void go(`/sums/${one.sheet}`, { state: { typed: one.input } });
    };
    return (
        <Box
            as="form"
            role="search"
            px={5}
            pt={4}
            onSubmit={(event) => {
                event.preventDefault();
                take(found[0]);
            }}
        >
            <Flex gap={2} maxW="720px">
                <Input
                    aria-label="Ask for a sum"
                    placeholder="strip size 8 1.65 · wax 1.4 g in 14k · how many 1.5 round 6"
                    value={said}
                    h="48px"
                    fontSize="18px"
                    bg="card"
                    borderColor="edge"
                    autoComplete="off"
                    onChange={(event) => setSaid(event.target.value)}
                />
                <Act kind="main" type="submit" disabled={found.length === 0}>
                    Work it out
                </Act>
            </Flex>
            {said.trim() === '' ? null : (
                <Box as="ul" listStyleType="none" aria-label="Sums that may be meant" maxW="720px" mt={1}>
                    {found.map((one, at) => (
                        <Offered
                            key={one.sheet}
                            one={one}
                            first={at === 0}
                            sheet={sheets.find((sheet) => sheet.name === one.sheet)}
                            onTake={() => take(one)}
                        />
                    ))}
                    {found.length === 0 && data && !isFetching ? (
                        <Box as="li" color="soft" role="status">
                            No sum goes by these words. Name what is wanted first: strip, wax, bezel, flask,
                            sprue, halo.
                        </Box>
                    ) : null}
                </Box>
            )}
        </Box>
    );
}

function Offered({
    one,
    first,
    sheet,
    onTake,
}: {
    one: Suggestion;
    first: boolean;
    sheet: Sheet | undefined;
    onTake: () => void;
}) {
    const label = (name: string) => sheet?.inputs.find((input) => input.name === name)?.label ?? name;
    const read = Object.entries(one.placed)
        .map(([name, value]) => `${label(name)} ${value.replaceAll('-', ' ')}`)
        .join(', ');
    return (
        <li>
            <Act kind="quiet" minH="44px" px={1} data-sum={one.sheet} onClick={onTake} textAlign="left">
                <span>
                    <Box as="span" fontWeight={first ? 600 : 400} color="ink">
                        {one.title}
                    </Box>
                    {read ? <Box as="span">: {read}</Box> : null}
                    {one.unknown.length > 0 ? (
                        <Box as="span" color="brass">
                            {' '}
                            · not understood: {one.unknown.join(', ')}
                        </Box>
                    ) : null}
                </span>
            </Act>
        </li>
    );
}
