import { JobMetal } from '../../metal/JobMetal';
import { JoinParts } from '../bench/JoinParts';
import { SolidLook } from '../../solid/SolidLook';
import type { StationPage, StationProps } from './StationPage';

export const join: StationPage = {
    Under: ({ work }: StationProps) => <SolidLook work={work} stages={['finished']} />,
    Below: ({ work, catalogue }: StationProps) => (
        <>
            <JoinParts work={work} catalogue={catalogue} />
            <JobMetal work={work} soldering />
        </>
    ),
    isElsewhere: (path) => path === 'join.order',
    isBare: true,
    hasNoRail: (job) => job.document.parts.length === 0,
    hasScales: true,
    printed: 'join',
};
