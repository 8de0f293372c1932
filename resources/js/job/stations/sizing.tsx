import { SizingParts } from '../bench/SizingParts';
import type { StationPage, StationProps } from './StationPage';

export const sizing: StationPage = {
    Below: ({ work, catalogue }: StationProps) => <SizingParts work={work} catalogue={catalogue} />,
    hasScales: true,
};
