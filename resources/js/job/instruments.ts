import type { Catalogue, Job } from '../api/types';
import { fieldAt } from '../shell/catalogue';
import { STATIONS } from './stations';

/** What is edited on the drawings of the page. */
export function drawnPaths(job: Job): Set<string | null | undefined> {
    return new Set(
        job.page.views.flatMap((view) =>
            view.dimensions
                .filter((one) => one.kind === 'input')
                .map((one) => job.inputs[one.use ?? view.use]?.[one.name]?.path),
        ),
    );
}

/** The station's decisions that stand among its instruments: not on its drawing, not elsewhere, and not without meaning. */
export function instruments(job: Job, catalogue: Catalogue): string[] {
    const here = job.page.station;
    const page = STATIONS[here];
    const drawn = drawnPaths(job);
    const decided = job.document.decisions as Record<string, { value: unknown } | undefined>;
    return Object.entries(catalogue.decisions).flatMap(([path, field]) =>
        path.startsWith(`${here}.`) &&
        !drawn.has(path) &&
        !page.isElsewhere?.(path, field) &&
        Object.entries(field.only ?? {}).every(([by, says]) =>
            says.includes(String(decided[by]?.value ?? '')),
        )
            ? [path]
            : [],
    );
}

/** What is still to be said before anything can be drawn; what is read off a wax or a casting is asked for there. */
export function wanted(job: Job, catalogue: Catalogue, typing: string[]): string[] {
    return [...new Set([...typing, ...job.page.wants])].filter(
        (path) => fieldAt(catalogue, path) !== undefined && !isRead(path),
    );
}

export const isRead = (path: string) => path.startsWith('attempts.') || path.startsWith('castings.');
