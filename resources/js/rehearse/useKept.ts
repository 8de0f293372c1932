import { useMutation, useQueryClient } from '@tanstack/react-query';
import { post } from '../api/client';
import type { Schemas } from '../api/types';

interface Done {
    lesson: string;
    torch?: string;
    support?: string;
    bare?: boolean;
    moves: object[];
}

/** Keeps a rehearsal in the record of whoever is at the bench. */
export function useKept() {
    const queries = useQueryClient();
    return useMutation({
        mutationFn: (done: Done) => post<Schemas['Rehearsed']>('rehearsals', done),
        onSuccess: () => void queries.invalidateQueries({ queryKey: ['rehearsals'] }),
    });
}
