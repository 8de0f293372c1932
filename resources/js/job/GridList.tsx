import { Box, Flex } from '@chakra-ui/react';
import { say, useUnits } from '../bench/units';
import { isTicked, Tick } from './Tick';
import type { Work } from './useJob';

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
    const ticked = (key: string) => isTicked(work, `ticks.grid-${key}`);
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
                        style={{
                            color: 'var(--chakra-colors-verdigris)',
                            minHeight: 44,
                            minWidth: 44,
                            paddingTop: 10,
                        }}
                    >
                        {kind.toUpperCase()}
                    </a>
                ))}
            </Flex>
            <Box as="ol" listStyleType="none">
                {lines.map((line) => {
                    const setting =
                        line.setting_mm === null
                            ? null
                            : say(line.setting_mm, 'length', { ...units, length: 'mm' });
                    return (
                        <li key={line.key}>
                            <Tick
                                path={`ticks.grid-${line.key}`}
                                work={work}
                                words={line.what}
                                aside={
                                    <>
                                        <Box as="span" color="soft" fontSize="14px" hideBelow="sm">
                                            {line.from}
                                        </Box>
                                        <Box as="span" minW="76px" textAlign="right" fontWeight="600">
                                            {setting ? `${setting.figure} ${setting.unit}` : ''}
                                        </Box>
                                    </>
                                }
                            />
                        </li>
                    );
                })}
            </Box>
        </Box>
    );
}
