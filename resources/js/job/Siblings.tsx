import { Flex } from '@chakra-ui/react';
import { Act } from '../bench/Act';
import type { Work } from './useJob';

/** Gives the stone in hand to another piece of the commission, with all that is known of it. */
export function MoveStone({ work, row }: { work: Work; row: string }) {
    const siblings = work.job?.siblings ?? [];
    if (siblings.length === 0) return null;
    return (
        <Flex wrap="wrap" gap={2}>
            {siblings.map((one) => (
                <Act
                    key={one.number}
                    kind="quiet"
                    px={1}
                    onClick={() => void work.act(`stones/${row}/move`, { to: one.number })}
                >
                    give it to {one.number}, {one.title}
                </Act>
            ))}
        </Flex>
    );
}

/** Takes the casting of another piece of the commission as a part of this one. */
export function TakeCasting({ work }: { work: Work }) {
    const siblings = work.job?.siblings ?? [];
    if (siblings.length === 0) return null;
    return (
        <Flex wrap="wrap" gap={2} py={2} data-testid="take-casting">
            {siblings.map((one) => (
                <Act
                    key={one.number}
                    kind="offer"
                    px={3}
                    onClick={() => void work.act('parts/take', { to: one.number })}
                >
                    take the casting of {one.number}, {one.title}, as a part
                </Act>
            ))}
        </Flex>
    );
}
