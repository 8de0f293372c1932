import { WorkingClock } from '../Tables';
import type { StationPage, StationProps } from './StationPage';

export const tree: StationPage = {
    Beside: ({ job }: StationProps) => <WorkingClock job={job} />,
};
