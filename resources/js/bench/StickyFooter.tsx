import { Flex } from '@chakra-ui/react';
import type { ReactNode } from 'react';

/** What stays in sight at the foot of a page while it scrolls: figures to be read from afar, and the next thing to do. */
export function StickyFooter({ children }: { children: ReactNode }) {
    return (
        <Flex
            as="footer"
            className="no-print"
            position="sticky"
            bottom={0}
            bg="paper"
            borderTopWidth="1px"
            borderColor="rule"
            px={5}
            py={3}
            gap={{ base: 3, md: 6 }}
            align="center"
            wrap="wrap"
            zIndex={3}
        >
            {children}
        </Flex>
    );
}
