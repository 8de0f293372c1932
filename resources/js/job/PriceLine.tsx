import { Box } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { post } from '../api/client';
import { useRested } from '../bench/useRested';
import { money } from '../pages/price/QuoteTable';
import type { Work } from './useJob';

/** A hand that rests so long wants to know. */
const RESTS = 150;

/** What the piece costs, and how much more or less with what is being typed or pulled. */
export function PriceLine({ work }: { work: Work }) {
    const { job } = work;
    const changes = Object.entries(work.waiting).map(([path, edit]) => ({
        path,
        from: edit.from,
        to: edit.to,
    }));
    const asked = JSON.stringify(changes);
    const rested = useRested(asked, RESTS);
    const { data } = useQuery({
        queryKey: ['price-try', job?.number, job?.version, rested],
        queryFn: () =>
            post<{ currency: string; now: number | null; then: number | null }>(
                `jobs/${job!.number}/price/try`,
                { changes: JSON.parse(rested) },
            ),
        enabled: job !== undefined && job.state === 'open',
        placeholderData: (before) => before,
        retry: false,
    });
    if (!data?.then || !job) return null;
    const more = data.then - (data.now ?? data.then);
    return (
        <Box data-testid="price-line">
            <Link className="way-on" to={`/jobs/${job.number}/price`}>
                costs {money(data.then, data.currency)}
            </Link>
            {more === 0 ? null : (
                <b>
                    {' '}
                    {more > 0 ? '+' : '−'}
                    {money(Math.abs(more), data.currency)}
                </b>
            )}
        </Box>
    );
}
