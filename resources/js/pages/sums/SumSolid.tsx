import { Box } from '@chakra-ui/react';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { post } from '../../api/client';
import type { Sum } from '../../api/types';
import { Act } from '../../bench/Act';
import { SolidView } from '../../solid/SolidView';
import type { SumInHand } from './useSum';

/** What the sum is of, turned in the hand: a band, a bezel or claws with their stone. */
export function SumSolid({ of }: { of: SumInHand }) {
    const [open, setOpen] = useState(false);
    const { data } = useQuery({
        queryKey: ['sum-solid', of.sheet.name, of.typed],
        queryFn: ({ signal }) => post<Sum>(`sums/${of.sheet.name}?solid=1`, of.typed, { signal }),
        placeholderData: keepPreviousData,
        enabled: open && of.sum?.may_turn === true,
        retry: false,
    });
    if (!of.sum?.may_turn) return null;
    return (
        <Box as="section" my={3} aria-label="The piece in the hand">
            <Act kind="turn" aria-expanded={open} onClick={() => setOpen(!open)}>
                {open ? 'Put it down' : 'Turn it in the hand'}
            </Act>
            {open && data?.solid ? <SolidView solid={data.solid} /> : null}
        </Box>
    );
}
