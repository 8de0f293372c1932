import { Box, Textarea } from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { get, send } from '../../api/client';
import type { Workshop } from '../../api/types';
import { Act } from '../../bench/Act';
import { Part, Wrong } from './parts';

/** What the law wants on receipts and invoices, in the workshop's own words. */
export function InvoiceWords() {
    const queries = useQueryClient();
    const { data } = useQuery({ queryKey: ['workshop'], queryFn: () => get<Workshop>('workshop') });
    const [typed, setTyped] = useState<string | null>(null);
    const keep = useMutation({
        mutationFn: (invoice_text: string | null) => send<Workshop>('PUT', 'workshop', { invoice_text }),
        onSuccess: (workshop) => {
            queries.setQueryData(['workshop'], workshop);
            setTyped(null);
        },
    });
    if (!data) return null;
    return (
        <Part title="Words on receipts and invoices">
            <Box color="soft" mb={1}>
                Address, tax number, terms: what they must say, the tax law decides.
            </Box>
            <Textarea
                aria-label="Words on receipts and invoices"
                rows={3}
                bg="card"
                borderColor="edge"
                maxLength={2000}
                value={typed ?? data.invoice_text ?? ''}
                onChange={(event) => setTyped(event.target.value)}
            />
            {typed !== null ? (
                <Act kind="main" mt={2} onClick={() => keep.mutate(typed.trim() || null)}>
                    Keep these words
                </Act>
            ) : null}
            <Wrong error={keep.error} field="invoice_text" />
        </Part>
    );
}
