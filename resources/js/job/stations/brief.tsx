import { Box } from '@chakra-ui/react';
import { ClientPick } from '../BriefParts';
import { Pictures } from '../Pictures';
import { PromiseOf } from '../PromiseOf';
import { SolidLook } from '../../solid/SolidLook';
import type { StationPage, StationProps } from './StationPage';

export const brief: StationPage = {
    Above: ({ work }: StationProps) => (
        <Box maxW="420px" mt={2}>
            <ClientPick work={work} />
        </Box>
    ),
    Below: ({ work }: StationProps) => (
        <>
            <SolidLook work={work} />
            <PromiseOf work={work} />
            <Pictures work={work} />
        </>
    ),
    isElsewhere: (path) => path === 'brief.fit_apply',
};
