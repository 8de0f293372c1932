import { Box, Button, Flex } from '@chakra-ui/react';
import { say, useUnits } from '../bench/units';
import { held, type Work } from './useJob';

interface Line {
    key: string;
    what: string;
    setting_mm: number | null;
    from: string;
}

/** The lines to scribe, in the order of work, each ticked off as it is scribed. */
export function GridList({ work }: { work: Work }) {
    const { units } = useUnits();
    const job = work.job;
    const lines = job?.answers['layout.grid']?.results.lines?.value as Line[] | undefined;
    if (!job || !lines) return null;
    const ticked = (key: string) => {
        const path = `ticks.grid-${key}`;
        return (work.waiting[path] ? work.waiting[path].to : held(job, path)) === true;
    };
    const done = lines.filter((line) => ticked(line.key)).length;
    return (
        <Box borderTopWidth="1px" borderColor="rule" pt={2} pb={3} data-testid="grid-list">
            <Flex align="baseline" gap={3} wrap="wrap">
                <Box fontWeight="600">Lines to scribe, in order</Box>
                <Box color="soft" fontSize="14px">
                    {done} of {lines.length} scribed; settings in wax
                </Box>
                <Box flex="1" />
                {['svg', 'dxf'].map((kind) => (
                    <a
                        key={kind}
                        href={`/api/jobs/${job.number}/drawings/grid.${kind}`}
                        style={{ color: 'var(--chakra-colors-verdigris)', minHeight: 44, paddingTop: 10 }}
                    >
                        {kind.toUpperCase()}
                    </a>
                ))}
            </Flex>
            <Box as="ol" listStyleType="none">
                {lines.map((line) => {
                    const is = ticked(line.key);
                    const setting =
                        line.setting_mm === null
                            ? null
                            : say(line.setting_mm, 'length', { ...units, length: 'mm' });
                    return (
                        <li key={line.key}>
                            <Button
                                variant="plain"
                                justifyContent="start"
                                w="full"
                                minH="44px"
                                px={1}
                                gap={3}
                                fontSize="15px"
                                fontWeight="400"
                                color={is ? 'soft' : 'ink'}
                                borderBottomWidth="1px"
                                borderColor="rule"
                                borderRadius={0}
                                role="checkbox"
                                aria-checked={is}
                                data-tick={line.key}
                                onClick={() => work.edit(`ticks.grid-${line.key}`, is ? null : true)}
                            >
                                <Box as="span" w="20px" aria-hidden="true">
                                    {is ? '✓' : '○'}
                                </Box>
                                <Box
                                    as="span"
                                    flex="1"
                                    textAlign="left"
                                    textDecoration={is ? 'line-through' : 'none'}
                                >
                                    {line.what}
                                </Box>
                                <Box as="span" color="soft" fontSize="14px" hideBelow="sm">
                                    {line.from}
                                </Box>
                                <Box as="span" minW="76px" textAlign="right" fontWeight="600">
                                    {setting ? `${setting.figure} ${setting.unit}` : ''}
                                </Box>
                            </Button>
                        </li>
                    );
                })}
            </Box>
        </Box>
    );
}
