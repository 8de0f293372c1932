import { Box, Button, Flex } from '@chakra-ui/react';
import type { Run, Tap } from './run';

const FAULTS: [string, string][] = [
    ['door', 'open the door'],
    ['power', 'cut the power'],
    ['element', 'weaken an element'],
    ['thermocouple', 'pull the thermocouple'],
];

/** The kiln that ships is simulated, and may be played with. */
export function SimulatedKiln({ run, tap }: { run: Run; tap: Tap }) {
    return (
        <Box borderTopWidth="1px" borderColor="rule" pt={2} mt={2}>
            <Box fontWeight="600">The simulated kiln, to be played with</Box>
            <Flex gap={2} wrap="wrap" mt={1}>
                {run.speeds.map((speed) => (
                    <Button
                        key={speed}
                        variant="outline"
                        borderColor={speed === run.speed ? 'verdigris' : 'edge'}
                        color="ink"
                        minH="44px"
                        aria-pressed={speed === run.speed}
                        onClick={() => tap(`casting/${run.id}/kiln`, { do: 'speed', speed })}
                    >
                        {speed} ×
                    </Button>
                ))}
                {FAULTS.map(([kind, words]) => {
                    const on = run.events.some((event) => event.kind === kind && event.to === null);
                    return (
                        <Button
                            key={kind}
                            variant="outline"
                            borderColor={on ? 'hot' : 'edge'}
                            color="ink"
                            minH="44px"
                            aria-pressed={on}
                            data-fault={kind}
                            onClick={() => tap(`casting/${run.id}/fault`, { kind, on: !on })}
                        >
                            {on ? `put right: ${kind}` : words}
                        </Button>
                    );
                })}
            </Flex>
        </Box>
    );
}
