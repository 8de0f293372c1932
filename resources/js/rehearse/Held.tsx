import { Flex } from '@chakra-ui/react';
import { Act } from '../bench/Act';
import type { Flame } from './torch';
import type { Torchwork } from './useTorch';

/** How the flame is held, for who has neither wheel nor keys. */
export function Held({ lead }: { lead: Torchwork['lead'] }) {
    return (
        <Flex role="group" aria-label="How the flame is held" wrap="wrap">
            {(
                [
                    ['nearer', 'Hold it nearer', (one: Flame) => ({ distance: one.distance / 1.25 })],
                    ['farther', 'Hold it farther', (one: Flame) => ({ distance: one.distance * 1.25 })],
                    ['sharper', 'Make it sharper', (one: Flame) => ({ spread: one.spread - 0.25 })],
                    ['bushier', 'Make it bushier', (one: Flame) => ({ spread: one.spread + 0.25 })],
                ] as const
            ).map(([label, said, how]) => (
                <Act key={label} kind="quiet" px={2} minW="44px" aria-label={said} onClick={() => lead(how)}>
                    {label}
                </Act>
            ))}
        </Flex>
    );
}
