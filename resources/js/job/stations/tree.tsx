import { WorkingClock } from '../WorkingClock';
import type { StationPage, StationProps } from './StationPage';

export const tree: StationPage = {
    Beside: ({ job }: StationProps) => <WorkingClock job={job} />,
};
