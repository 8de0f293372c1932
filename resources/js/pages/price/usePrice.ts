import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { get, post } from '../../api/client';
import type { Schemas } from '../../api/types';

export type Price = Schemas['JobPrice'];

export const usePrice = (number: string | undefined) =>
    useQuery({ queryKey: ['price', number], queryFn: () => get<Price>(`jobs/${number}/price`) });

/** A request that changes what was quoted or paid, and answers with it. */
export function usePriceChange(number: string) {
    const queries = useQueryClient();
    return useMutation({
        mutationFn: ({ path, body }: { path: string; body?: unknown }) => post<Price>(path, body),
        onSuccess: (price) => queries.setQueryData(['price', number], price),
    });
}
