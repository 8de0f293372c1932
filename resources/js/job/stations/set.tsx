import { SetParts } from '../bench/SetParts';
import type { StationPage, StationProps } from './StationPage';

export const set: StationPage = {
    Below: ({ work }: StationProps) => <SetParts work={work} />,
    isBare: true,
};
