import type { ComponentType } from 'react';
import type { Catalogue, Field, Job } from '../../api/types';
import type { Work } from '../useJob';

export interface StationProps {
    work: Work;
    catalogue: Catalogue;
    job: Job;
    /** Whether the thing in hand is drawn. */
    drawn: boolean;
}

/** What a station's page has beside its drawing, its instruments and its findings. */
export interface StationPage {
    /** Over the drawing. */
    Above?: ComponentType<StationProps>;
    /** Between the drawing and the instruments. */
    Under?: ComponentType<StationProps>;
    /** Below the instruments. */
    Below?: ComponentType<StationProps>;
    /** Beside it all, under the findings. */
    Beside?: ComponentType<StationProps>;
    /** Decisions that stand elsewhere on the page than among the instruments. */
    isElsewhere?: (path: string, field: Field) => boolean;
    /** The station says for itself what is missing while nothing can be drawn. */
    isBare?: boolean;
    /** Instruments make no sense yet. */
    hasNoRail?: (job: Job) => boolean;
    /** Balance and caliper lie at hand. */
    hasScales?: boolean;
    /** The sheet that is printed from here; the job card unless said. */
    printed?: string;
}

/** What is decided at a path, as it is kept. */
export function decidedAt(job: Job, path: string): unknown {
    return (job.document.decisions as Record<string, { value: unknown } | undefined>)[path]?.value;
}
