import { ClientLeft } from '../../metal/ClientLeft';
import { HandOverParts, isLook } from '../bench/HandOverParts';
import { SolidLook } from '../../solid/SolidLook';
import type { StationPage, StationProps } from './StationPage';

export const handover: StationPage = {
    Below: ({ work, catalogue }: StationProps) => (
        <>
            <SolidLook work={work} />
            <ClientLeft work={work} />
            <HandOverParts work={work} catalogue={catalogue} />
        </>
    ),
    isElsewhere: isLook,
    hasScales: true,
    printed: 'handover',
};
