import { Box, Flex } from '@chakra-ui/react';

const KEPT = 'px-a-mm';

/** What a browser takes for a millimetre where nobody has held anything to the screen. */
const USUAL = 96 / 25.4;

/** A bank card is so wide everywhere, mm. */
const CARD = 85.6;

/** Pixels of this screen to a millimetre, as somebody held it against a card once. */
export function keptScale(): number {
    const kept = Number(localStorage.getItem(KEPT));
    return kept >= 2 && kept <= 12 ? kept : USUAL;
}

/** The screen held once against a bank card, so that life size is life size. */
export function CheckBar({ scale, onTo }: { scale: number; onTo: (scale: number) => void }) {
    return (
        <Box as="details">
            <Box as="summary" minH="44px" lineHeight="44px" cursor="pointer">
                is life size true on this screen?
            </Box>
            <Box>
                Hold a bank card to the bar and draw the line until both are as long: {CARD} mm. It is kept on
                this screen.
            </Box>
            <Box
                h="20px"
                my={2}
                maxW="none"
                borderWidth="0 2px"
                borderStyle="solid"
                borderColor="ink"
                bg="rule"
                style={{ width: CARD * scale }}
                data-testid="check-bar"
            />
            <Flex as="label" align="center" gap={2} minH="44px">
                as long as a card
                <input
                    type="range"
                    min={2}
                    max={12}
                    step={0.02}
                    value={scale}
                    style={{ height: 44, width: 260, accentColor: 'var(--chakra-colors-verdigris)' }}
                    onChange={(event) => {
                        localStorage.setItem(KEPT, event.target.value);
                        onTo(Number(event.target.value));
                    }}
                />
            </Flex>
        </Box>
    );
}
