import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { get, send } from '../../api/client';
import type { Schemas } from '../../api/types';

export type Plan = Schemas['Plan'];
export type Placed = Schemas['PlacedStep'];

/** A row of the plan's own lists. */
export interface PlanRow {
    job: string;
    ends: string | null;
    slack_min: number | null;
    late_min: number;
    person: string | null;
}
export interface Run {
    kiln: string;
    switch_on: string;
    ready_at: string;
    programme: string;
    flasks: number;
    jobs: string[];
}
export interface Must {
    job: string;
    step: string;
    what: string;
    latest_start: string;
}

export const long = (minutes: number) =>
    minutes >= 2880
        ? `${Math.round(minutes / 1440)} days`
        : minutes >= 60
          ? `${Math.floor(minutes / 60)}:${String(Math.round(minutes % 60)).padStart(2, '0')} h`
          : `${Math.round(minutes)} min`;

const result = <T>(plan: Plan, name: string) => plan.answer.results[name]?.value as T;
export const placedOf = (plan: Plan) => result<Placed[]>(plan, 'placed');
export const jobsOf = (plan: Plan) => result<PlanRow[]>(plan, 'jobs');
export const runsOf = (plan: Plan) => result<Run[]>(plan, 'runs');
export const mustOf = (plan: Plan) => result<Must[]>(plan, 'must_start');
export const mattersOf = (plan: Plan) => result<string>(plan, 'matters');

export const usePlan = () =>
    useQuery({ queryKey: ['plan'], queryFn: () => get<Plan>('plan'), refetchInterval: 60_000 });

/** A request that changes the plan, and answers with it. */
export function usePlanChange() {
    const queries = useQueryClient();
    return useMutation({
        mutationFn: ({ method, path, body }: { method: 'POST' | 'DELETE'; path: string; body?: unknown }) =>
            send<Plan>(method, path, body),
        onSuccess: (plan) => {
            queries.setQueryData(['plan'], plan);
            void queries.invalidateQueries({ queryKey: ['today'] });
        },
    });
}
