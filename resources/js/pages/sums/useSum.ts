import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { post, Refusal } from '../../api/client';
import type { Job, Sheet, Sum } from '../../api/types';
import type { InHand } from '../../job/working';
import { jobFrom } from './jobFrom';

export type Typed = Record<string, unknown>;

/** A sheet's figures as they are typed, or were asked for, with the answer that follows them. */
export function useSum(sheet: Sheet, asked?: Typed) {
    const go = useNavigate();
    const [typed, setTyped] = useState<Typed>(asked ?? sheet.sample);
    const [held, setHeld] = useState<InHand | null>(null);
    const query = useQuery({
        queryKey: ['sum', sheet.name, typed],
        queryFn: ({ signal }) => post<Sum>(`sums/${sheet.name}`, typed, { signal }),
        placeholderData: keepPreviousData,
        retry: false,
    });
    const start = useMutation({
        mutationFn: () => post<Job>('jobs', { changes: jobFrom(sheet, typed) }),
        onSuccess: (job) => void go(`/jobs/${job.number}/brief`),
    });
    const sum = query.error ? undefined : query.data;
    return {
        sheet,
        typed,
        setTyped,
        errors: query.error instanceof Refusal ? query.error.errors : {},
        sum,
        start,
        held,
        hold: (kind: InHand['kind'], name: string) => setHeld({ use: sheet.name, kind, name }),
        inHand: held ?? {
            use: sheet.name,
            kind: 'result' as const,
            name: sum?.answer.working[0]?.result ?? '',
        },
        /** Names are said with commas between them; figures with semicolons, since a comma may stand in one. */
        edit: (input: string, many: boolean) => (value: string | boolean | null) =>
            setTyped((now) => {
                const next = { ...now };
                if (value === null || value === '') delete next[input];
                else next[input] = many ? String(value).split(/[;]\s*/) : value;
                return next;
            }),
    };
}

export type SumInHand = ReturnType<typeof useSum>;
