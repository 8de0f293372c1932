import { Box, Button, Flex } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import type { Figure } from '../api/types';
import { StickyFooter } from '../bench/StickyFooter';
import { say, useUnits } from '../bench/units';
import type { InHand } from './working';

interface Props {
    figures: Figure[];
    onTap: (inHand: InHand) => void;
    children: ReactNode;
}

/** The figures that matter here, to be read from the other end of the bench, and the one thing to do next. */
export function BenchStrip({ figures, onTap, children }: Props) {
    const { units, turn } = useUnits();
    return (
        <StickyFooter>
            {/* On a phone the figures are one line that is drawn along. */}
            <Flex
                gap={{ base: 3, md: 5 }}
                overflowX={{ base: 'auto', md: 'visible' }}
                overflowY={{ base: 'hidden', md: 'visible' }}
                scrollbarWidth="none"
                maxW="full"
                wrap={{ base: 'nowrap', md: 'wrap' }}
            >
                {figures.map((figure) => {
                    const said = say(figure.value, figure.quantity, units);
                    const words = typeof figure.value === 'string' || figure.value === null;
                    return (
                        <Flex
                            key={figure.use + figure.result}
                            align="baseline"
                            gap={1}
                            flexShrink={0}
                            pr={{ base: 3, md: 5 }}
                            borderRightWidth="1px"
                            borderColor="rule"
                        >
                            <Box position="relative" minW="44px">
                                <Flex align="center" gap={1} h="44px">
                                    <Box
                                        as="button"
                                        fontSize={words && said.figure.length > 9 ? '21px' : '29px'}
                                        fontWeight="600"
                                        lineHeight="44px"
                                        cursor="pointer"
                                        // The whole tile is tapped, its label too.
                                        _before={{ content: '""', position: 'absolute', inset: 0 }}
                                        data-figure={`${figure.use}/${figure.result}`}
                                        aria-label={`${figure.label}: ${said.figure} ${said.unit}, show the working`}
                                        onClick={() =>
                                            onTap({ use: figure.use, kind: 'result', name: figure.result })
                                        }
                                    >
                                        {said.figure.replaceAll('-', words ? ' ' : '−')}
                                    </Box>
                                    {said.kind ? (
                                        <Box
                                            as="button"
                                            minW="44px"
                                            minH="44px"
                                            pt="8px"
                                            position="relative"
                                            textAlign="left"
                                            color="soft"
                                            fontSize="15px"
                                            cursor="pointer"
                                            aria-label={`in ${said.unit}; tap for another unit`}
                                            onClick={() => turn(said.kind!)}
                                        >
                                            {said.unit}
                                        </Box>
                                    ) : (
                                        <Box color="soft" fontSize="15px" pt="8px">
                                            {said.unit}
                                        </Box>
                                    )}
                                </Flex>
                                <Box color="soft" fontSize="14px" lineHeight="1.1">
                                    {figure.label}
                                </Box>
                            </Box>
                        </Flex>
                    );
                })}
            </Flex>
            <Flex ml="auto" align="end" gap={3}>
                {children}
            </Flex>
        </StickyFooter>
    );
}

export function Next({
    children,
    onClick,
    disabled,
}: {
    children: ReactNode;
    onClick: () => void;
    disabled?: boolean;
}) {
    return (
        <Button
            bg="verdigris"
            color="onVerdigris"
            h="50px"
            px={6}
            fontSize="17px"
            fontWeight="600"
            borderRadius="3px"
            disabled={disabled}
            onClick={onClick}
            data-testid="next"
        >
            {children}
        </Button>
    );
}
