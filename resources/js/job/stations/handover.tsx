import { ClientLeft } from '../../metal/ClientLeft';
import { HandOverParts, isLook } from '../bench/HandOverParts';
import type { StationPage, StationProps } from './StationPage';

export const handover: StationPage = {
    Below: ({ work, catalogue }: StationProps) => (
        <>
            <ClientLeft work={work} />
            <HandOverParts work={work} catalogue={catalogue} />
        </>
    ),
    isElsewhere: isLook,
    hasScales: true,
    printed: 'handover',
};
