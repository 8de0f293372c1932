import { Box } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { Act } from '../bench/Act';

/** Where there is no margin: the working of a tapped figure rises from the foot, over the page, and goes again. */
export function FromTheFoot({ children, onClose }: { children: ReactNode; onClose: () => void }) {
    return (
        <Box
            role="dialog"
            aria-label="Working"
            position="fixed"
            bottom={0}
            left={0}
            right={0}
            zIndex={6}
            bg="sunk"
            borderTopWidth="2px"
            borderColor="verdigris"
            maxH="60vh"
            overflowY="auto"
            pb={2}
            onKeyDown={(event) => (event.key === 'Escape' ? onClose() : undefined)}
        >
            {children}
            <Act kind="line" mx={4} autoFocus onClick={onClose}>
                Close the working
            </Act>
        </Box>
    );
}
