import { Box } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { Refusal } from '../../api/client';

export function Part({ title, children }: { title: string; children: ReactNode }) {
    return (
        <Box as="section" borderTopWidth="1px" borderColor="rule" py={4}>
            <Box as="h2" fontSize="17px" fontWeight="600" mb={2}>
                {title}
            </Box>
            {children}
        </Box>
    );
}

export function Wrong({ error, field = '_' }: { error: unknown; field?: string }) {
    const words =
        error instanceof Refusal
            ? error.errors[field]?.join(' ')
            : field === '_' && error
              ? String(error)
              : '';
    return words ? (
        <Box role="alert" color="hot">
            {words}
        </Box>
    ) : null;
}
