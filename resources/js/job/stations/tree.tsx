import { WorkingClock } from '../WorkingClock';
import { SolidLook } from '../../solid/SolidLook';
import type { StationPage, StationProps } from './StationPage';

export const tree: StationPage = {
    Under: ({ work }: StationProps) => <SolidLook work={work} stages={['tree', 'wax', 'cast']} />,
    Beside: ({ job }: StationProps) => <WorkingClock job={job} />,
};
