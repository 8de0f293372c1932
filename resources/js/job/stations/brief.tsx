import { Box } from '@chakra-ui/react';
import { ClientPick, Pictures } from '../BriefParts';
import { PromiseOf } from '../PromiseOf';
import type { StationPage, StationProps } from './StationPage';

export const brief: StationPage = {
    Above: ({ work }: StationProps) => (
        <Box maxW="420px" mt={2}>
            <ClientPick work={work} />
        </Box>
    ),
    Below: ({ work }: StationProps) => (
        <>
            <PromiseOf work={work} />
            <Pictures work={work} />
        </>
    ),
    isElsewhere: (path) => path === 'brief.fit_apply',
};
