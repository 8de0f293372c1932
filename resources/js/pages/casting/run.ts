import type { View } from '../../api/types';

export interface Flask {
    id: number;
    flask: string;
    alloy: string;
    pour_c: number;
    jobs: { number: number; title: string }[];
    done: Record<string, { at: string; by: string }>;
    ticks: number[];
    mix: { powder: number; water: number; stand_min: number; clock: unknown[] };
    quench: string;
}
export interface Run {
    id: number;
    kind: 'burnout' | 'firing';
    jobs: { number: number; title: string }[];
    state: 'planned' | 'burning' | 'over';
    ready_at: string | null;
    start_at: string | null;
    minutes: number;
    minute: number | null;
    kiln_c: number | null;
    planned_c: number | null;
    core_c: number | null;
    speed: number;
    speeds: number[];
    events: { kind: string; from: number; to: number | null }[];
    core: {
        above_620_min: number;
        findings: { level: 'stop' | 'caution' | 'note'; code: string; message: string; remedy: string }[];
    } | null;
    alarms: { id: number; code: string; minute: number; message: string; answered_at: string | null }[];
    gaps: { from: number; to: number }[];
    safety: string[];
    steps: { name: string; done: string }[];
    flask_rows: Flask[];
    view: View;
    chamber: View;
}

/** Sends a tap to the kiln or a flask. */
/** Ends once it was answered, whatever it was answered. */
export type Tap = (path: string, body?: unknown) => Promise<void>;

/** As one says it: `Burnout 25`, `Firing 26`. */
export const called = (run: { id: number; kind: string }) =>
    `${run.kind === 'firing' ? 'Firing' : 'Burnout'} ${run.id}`;

/** Minutes as a clock shows them. */
export const clock = (minutes: number) =>
    `${Math.floor(minutes / 60)}:${String(Math.floor(minutes % 60)).padStart(2, '0')}`;
