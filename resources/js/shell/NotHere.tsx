import { Box, Flex } from '@chakra-ui/react';
import { Link } from 'react-router';
import { useTitle } from './useTitle';

/** A page that is not there: what was looked for, why it is not shown, and a way on. */
export function NotHere({ title, words }: { title: string; words: string }) {
    useTitle(title);
    return (
        <Box as="main" p={8} data-testid="not-here">
            <Box as="h1" fontSize="24px" fontWeight="600">
                {title}
            </Box>
            <Box py={2}>{words}</Box>
            <Flex gap={4}>
                <Link to="/" className="way-on">
                    Today
                </Link>
                <Link to="/jobs" className="way-on">
                    All jobs
                </Link>
            </Flex>
        </Box>
    );
}
