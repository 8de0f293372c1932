import type { ReactNode } from 'react';
import type { Job } from '../api/types';
import { moment } from '../bench/units';
import { JobCode } from './JobCode';
import { decision } from './parts';

/** What is stuck on an envelope: the number large, whose and when, and what is in it. */
export function Label({ job, children }: { job: Job; children: ReactNode }) {
    const due = decision(job, 'brief.due');
    return (
        <div className="label">
            <div>
                <div className="label-number">{job.number}</div>
                <div>{job.client?.name}</div>
                <div>due {due ? moment(due.typed) : '–'}</div>
                {children}
            </div>
            <JobCode number={job.number} />
        </div>
    );
}
