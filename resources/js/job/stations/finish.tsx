import { FinishParts } from '../bench/FinishParts';
import type { StationPage, StationProps } from './StationPage';

export const finish: StationPage = {
    Below: ({ work }: StationProps) => <FinishParts work={work} />,
    hasScales: true,
};
