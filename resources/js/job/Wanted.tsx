import { Box, Flex } from '@chakra-ui/react';
import { useLayoutEffect, useRef } from 'react';
import type { Catalogue } from '../api/types';
import { pathWords } from '../shell/catalogue';
import { Decision } from './DecisionRail';
import type { Work } from './useJob';

const isTyped = (field: EventTarget) => field instanceof HTMLInputElement;

/** Where nothing can be drawn yet: what is still to be said, to be said here. */
export function Wanted({
    wants,
    work,
    catalogue,
    onTyping,
}: {
    wants: string[];
    work: Work;
    catalogue: Catalogue;
    /** Told what stands here while one of them is being typed into, so that it stays until that is done. */
    onTyping: (wants: string[] | null) => void;
}) {
    const here = useRef<HTMLDivElement>(null);
    useLayoutEffect(() => {
        const asked = here.current;
        // What was in hand here is in hand on the drawing that takes this place.
        return () => {
            const was = document.activeElement?.closest<HTMLElement>('[data-path]');
            if (!was || !asked?.contains(was)) return;
            const path = CSS.escape(was.dataset.path ?? '');
            requestAnimationFrame(() => {
                if (document.activeElement !== document.body) return;
                document
                    .querySelector<HTMLElement>(`button[data-path="${path}"], [data-path="${path}"] select`)
                    ?.focus({ preventScroll: true });
            });
        };
    }, []);
    return (
        <Box
            ref={here}
            py={10}
            textAlign="center"
            data-testid="wanted"
            // A choice is done when it is chosen; what is typed, when its field is left.
            onFocus={(event) => onTyping(isTyped(event.target) ? wants : null)}
            onBlur={() => onTyping(null)}
        >
            <Box fontSize="18px" mb={4}>
                {wants.length > 0
                    ? 'To draw this, say first:'
                    : 'There is something to put right before this can be drawn.'}
            </Box>
            <Flex gap={3} wrap="wrap" justify="center">
                {wants.map((path) => (
                    <Decision
                        key={path}
                        path={path}
                        label={catalogue.decisions[path]?.meaning}
                        work={work}
                        catalogue={catalogue}
                    />
                ))}
            </Flex>
            <Box mt={4}>
                {Object.entries(work.job?.errors ?? {}).map(([path, messages]) => (
                    <Box key={path} color="hot" role="alert">
                        {pathWords(path)}: {messages.join(' ')}
                    </Box>
                ))}
            </Box>
        </Box>
    );
}
