import { FinishParts } from '../bench/FinishParts';
import { SolidLook } from '../../solid/SolidLook';
import type { StationPage, StationProps } from './StationPage';

export const finish: StationPage = {
    Under: ({ work }: StationProps) => <SolidLook work={work} stages={['finished', 'cast']} />,
    Below: ({ work }: StationProps) => <FinishParts work={work} />,
    hasScales: true,
};
