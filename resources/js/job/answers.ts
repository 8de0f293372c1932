import type { Answer, Job } from '../api/types';

/** The answer of a use that only its name tells of: a drawing's, a finding's. */
export function answerOf(job: Pick<Job, 'answers'>, use: string): Answer | undefined {
    return (job.answers as Record<string, Answer | undefined>)[use];
}
