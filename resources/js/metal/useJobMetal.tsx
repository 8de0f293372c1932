import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { get, post } from '../api/client';
import type { JobMetal, Lot } from '../api/types';
import { say, useUnits } from '../bench/units';
import type { Work } from '../job/useJob';

export const named = (lot: Lot) => `${lot.id} ${lot.name}, ${lot.alloy.replaceAll('-', ' ')}`;

/** A mass of the metal account, to the milligram. */
export function useWeighed() {
    const { units } = useUnits();
    return (mass: number) => {
        const said = say(mass, 'account', units);
        return `${said.figure} ${said.unit}`;
    };
}

/** The metal of one job, and what sends it on its way. */
export function useJobMetal(work: Work) {
    const number = work.job!.number;
    const queries = useQueryClient();
    const query = useQuery({
        queryKey: ['metal', 'job', number],
        queryFn: () => get<JobMetal>(`jobs/${number}/metal`),
    });
    const send = useMutation({
        mutationFn: ({ path, body }: { path: string; body: unknown }) => post<unknown>(path, body),
        onSettled: () => {
            void queries.invalidateQueries({ queryKey: ['metal'] });
            void work.refetch();
        },
    });
    return { data: query.data, query, send, refused: send.error?.message ?? null, number };
}
