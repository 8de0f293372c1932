import type { Clock } from '../api/types';

export function duration(seconds: number): string {
    const whole = Math.max(0, Math.floor(Math.abs(seconds)));
    const [h, m, s] = [Math.floor(whole / 3600), Math.floor((whole % 3600) / 60), whole % 60];
    const two = (n: number) => String(n).padStart(2, '0');
    return h > 0 ? `${h}:${two(m)} h` : `${m}:${two(s)}`;
}

/** Where a clock stands: the stage it is in, what is left of it, and how far it has run over. */
export function standing(clock: Clock, now: number) {
    const run = now - new Date(clock.started_at).getTime() / 1000;
    const stage = clock.stages.find((one) => one.until_min * 60 > run);
    const end = (clock.stages.at(-1)?.until_min ?? 0) * 60;
    return { run, stage, left: stage ? stage.until_min * 60 - run : 0, over: stage ? 0 : run - end };
}
