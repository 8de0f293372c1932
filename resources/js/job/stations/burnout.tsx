import { Box } from '@chakra-ui/react';
import { Programme } from '../Tables';
import type { StationPage, StationProps } from './StationPage';

export const burnout: StationPage = {
    Under: ({ job }: StationProps) => (
        <Box maxW="640px" mx="auto">
            <Programme job={job} />
        </Box>
    ),
    printed: 'kiln',
};
