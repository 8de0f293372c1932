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
            {figures.map((figure) => {
                const said = say(figure.value, figure.quantity, units);
                const words = typeof figure.value === 'string' || figure.value === null;
                return (
                    <Flex
                        key={figure.use + figure.result}
                        align="baseline"
                        gap={1}
                        pr={{ base: 0, md: 5 }}
                        borderRightWidth="1px"
                        borderColor="rule"
                    >
                        <Box>
                            <Flex align="baseline" gap={1} h="38px">
                                <Box
                                    as="button"
                                    minH="34px"
                                    fontSize={words && said.figure.length > 9 ? '21px' : '29px'}
                                    fontWeight="600"
                                    lineHeight="34px"
                                    cursor="pointer"
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
                                        minH="34px"
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
                                    <Box color="soft" fontSize="15px" lineHeight="34px">
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
            <Box flex="1" />
            {children}
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
