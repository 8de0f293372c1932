import { Box, Button } from '@chakra-ui/react';
import { HoldAct } from '../../bench/HoldAct';
import { StickyFooter } from '../../bench/StickyFooter';
import { clock, type Run, type Tap } from './run';

/** What the kiln reads now, and its switch. */
export function KilnFooter({
    run,
    heat,
    tap,
}: {
    run: Run;
    heat: (c: number | null | undefined) => string;
    tap: Tap;
}) {
    const left = run.minute === null ? null : run.minutes - run.minute;
    return (
        <StickyFooter>
            {(
                [
                    [heat(run.kiln_c), run.state === 'over' ? 'kiln, when switched off' : 'kiln now', 'kiln'],
                    [heat(run.planned_c), 'planned', 'planned'],
                    ...(run.kind === 'firing'
                        ? []
                        : [[heat(run.core_c), 'core, by the model', 'core'] as const]),
                    [left === null ? '–' : left > 0 ? `${clock(left)} h` : 'over', 'to the end', 'left'],
                    ...(run.kind === 'firing'
                        ? []
                        : [
                              [
                                  heat(run.flask_rows.find((flask) => !flask.done.pour)?.pour_c),
                                  'flask at the next pour',
                                  'next',
                              ] as const,
                          ]),
                ] as const
            ).map(([figure, label, name]) => (
                <Box key={label} data-kiln={name}>
                    <Box
                        fontSize="34px"
                        fontWeight="600"
                        lineHeight="1.1"
                        color={name === 'kiln' ? 'hot' : 'ink'}
                    >
                        {figure}
                    </Box>
                    <Box color="soft" fontSize="14px">
                        {label}
                    </Box>
                </Box>
            ))}
            <Box flex="1" />
            {run.state === 'planned' ? (
                <Button
                    bg="verdigris"
                    color="onVerdigris"
                    h="50px"
                    px={6}
                    fontSize="17px"
                    onClick={() => tap(`casting/${run.id}/kiln`, { do: 'on' })}
                >
                    Switch the kiln on
                </Button>
            ) : run.state === 'burning' ? (
                <HoldAct
                    bg="ink"
                    color="paper"
                    h="50px"
                    px={6}
                    fontSize="17px"
                    onDone={() => tap(`casting/${run.id}/kiln`, { do: 'off' })}
                >
                    Hold to switch it off
                </HoldAct>
            ) : null}
        </StickyFooter>
    );
}
