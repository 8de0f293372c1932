import { Box, Dialog, Flex, Portal } from '@chakra-ui/react';
import { useState } from 'react';
import { Act } from '../bench/Act';
import { areKeysOn, turnKeys } from './keys';

const KEYS = [
    ['t j l c m s r o', 'Today, Jobs, Plan, Casting, Metal, Sums, Rehearse, Shop'],
    ['n', 'a new job'],
    ['1 … 9', 'the stations of a job, in bench order'],
    ['u, Ctrl Z', 'undo the last save of a job'],
    ['U, Ctrl Y', 'put back what was undone'],
    ['h', 'a job’s history'],
    ['p', 'print'],
    ['arrows, Enter', 'on a bar of the plan: elsewhere, and lay it there'],
    ['Tab, Enter', 'to a figure, and edit it; Enter keeps, Escape puts back'],
    ['?', 'this list'],
] as const;

/** What each key does, and whether single ones do anything. */
export function KeysDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
    const [on, setOn] = useState(areKeysOn);
    return (
        <Dialog.Root open={open} onOpenChange={(change) => (change.open ? undefined : onClose())}>
            <Portal>
                <Dialog.Backdrop />
                <Dialog.Positioner>
                    <Dialog.Content
                        bg="card"
                        color="ink"
                        borderRadius="3px"
                        boxShadow="none"
                        borderWidth="1px"
                        borderColor="rule"
                    >
                        <Dialog.Header>
                            <Dialog.Title>Keys</Dialog.Title>
                        </Dialog.Header>
                        <Dialog.Body pb={6}>
                            {KEYS.map(([keys, what]) => (
                                <Flex key={keys} gap={4} py={1}>
                                    <Box minW="110px" fontWeight="600">
                                        {keys}
                                    </Box>
                                    <Box>{what}</Box>
                                </Flex>
                            ))}
                            <Act kind="line" mt={3} aria-pressed={on} onClick={() => setOn(turnKeys())}>
                                {on
                                    ? 'Single keys are on: turn them off'
                                    : 'Single keys are off: turn them on'}
                            </Act>
                        </Dialog.Body>
                        <Dialog.CloseTrigger asChild>
                            <Act kind="quiet" position="absolute" top={2} right={2}>
                                close
                            </Act>
                        </Dialog.CloseTrigger>
                    </Dialog.Content>
                </Dialog.Positioner>
            </Portal>
        </Dialog.Root>
    );
}
