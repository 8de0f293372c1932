import { Box, Flex } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import { Act } from '../bench/Act';

const KEPT = 'hot-sprue.tour';

export const isSkipped = () => localStorage.getItem(KEPT) === 'skipped';

/** What is shown round, in order: where it stands on the page, and what it is for. */
const STOPS: [string, string][] = [
    ['nav[aria-label="Stations"]', 'A job goes along these stations, in bench order. They lock nobody out.'],
    [
        'main svg[role="img"], main svg',
        'The drawing is the page. Boxes on it are figures: press one to type it, pull its dot to change it.',
    ],
    [
        'main aside',
        'Beside it stands what will go wrong and what to do, and how the figure in hand was worked out.',
    ],
    ['main ~ footer', 'At the foot are the figures to read from afar, and the next thing to do.'],
    [
        'main aside button',
        'Under “This job” everything is printed, undone and saved as a file; help for the station is beside it.',
    ],
];

/** Shows round a job, one part at a time; skipped for good by one tap. */
export function Tour({ onEnd }: { onEnd: () => void }) {
    const [at, setAt] = useState(0);
    const [css, words] = STOPS[at]!;
    useEffect(() => {
        const part = document.querySelector(css);
        part?.scrollIntoView({ block: 'center' });
        part?.classList.add('shown-round');
        return () => part?.classList.remove('shown-round');
    }, [css]);
    const last = at === STOPS.length - 1;
    return (
        <Box
            role="dialog"
            aria-label="Shown round"
            data-testid="tour"
            position="fixed"
            left="50%"
            top="76px"
            transform="translateX(-50%)"
            zIndex={7}
            bg="card"
            borderWidth="2px"
            borderColor="verdigris"
            p={4}
            w="min(440px, 92vw)"
            onKeyDown={(event) => (event.key === 'Escape' ? onEnd() : undefined)}
        >
            <Box aria-live="polite">
                <Box color="soft" fontSize="14px">
                    {at + 1} of {STOPS.length}
                </Box>
                {words}
            </Box>
            <Flex gap={2} mt={3} wrap="wrap">
                <Act kind="main" autoFocus onClick={() => (last ? onEnd() : setAt(at + 1))}>
                    {last ? 'That is all' : 'Next'}
                </Act>
                {at > 0 ? (
                    <Act kind="line" onClick={() => setAt(at - 1)}>
                        Back
                    </Act>
                ) : null}
                <Act
                    kind="quiet"
                    onClick={() => {
                        localStorage.setItem(KEPT, 'skipped');
                        onEnd();
                    }}
                >
                    Skip, and do not offer it again
                </Act>
            </Flex>
        </Box>
    );
}
