import { Box, Flex } from '@chakra-ui/react';
import type { ReactNode } from 'react';

/** A part of a station's page below its drawing. */
export function Section({
    title,
    hint,
    name,
    aside,
    children,
}: {
    title: string;
    hint?: string;
    name: string;
    aside?: ReactNode;
    children: ReactNode;
}) {
    return (
        <Box as="section" borderTopWidth="1px" borderColor="rule" pt={2} pb={3} data-testid={name}>
            <Flex align="baseline" gap={3} wrap="wrap">
                <Box as="h2" fontWeight="600">
                    {title}
                </Box>
                {hint ? (
                    <Box color="soft" fontSize="14px">
                        {hint}
                    </Box>
                ) : null}
                <Box flex="1" />
                {aside}
            </Flex>
            {children}
        </Box>
    );
}
