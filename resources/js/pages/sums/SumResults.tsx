import { Box, Flex } from '@chakra-ui/react';
import type { PlainFinding, Sheet } from '../../api/types';
import { Act } from '../../bench/Act';
import { LevelMark } from '../../bench/marks';
import { useTalk } from '../../bench/talk';
import { say, useUnits } from '../../bench/units';
import { Masses } from '../../job/Tables';
import { WorkingCard } from '../../job/working';
import { useCatalogue } from '../../shell/catalogue';
import { isBegun } from './jobFrom';
import type { SumInHand } from './useSum';
import { LEVEL_WORD, remedyWords } from '../../bench/remedy';
import { Refused } from '../../bench/Refused';

/** Beside a sum: its results, what was found, and the working of the figure in hand. */
export function SumResults({ of }: { of: SumInHand }) {
    const catalogue = useCatalogue()!;
    const { sheet, sum, start } = of;
    return (
        <Box w={{ base: 'full', lg: '330px' }} py={4} display="grid" gap={4} alignContent="start">
            <Box as="table" aria-label="Results" w="full">
                <tbody>
                    {sheet.results
                        .filter((output) => output.quantity !== 'rows' && sum?.answer.results[output.name])
                        .map((output) => (
                            <ResultRow key={output.name} of={of} output={output} />
                        ))}
                </tbody>
            </Box>
            <Masses masses={sum?.answer.results.masses?.value} />
            {sum?.answer.findings.map((finding) => (
                <FoundHere key={finding.code} of={of} finding={finding} />
            ))}
            {sum ? (
                <WorkingCard
                    inHand={of.inHand}
                    answer={sum.answer}
                    inputs={sum.inputs}
                    catalogue={catalogue}
                />
            ) : null}
            {isBegun(sheet) && sum ? (
                <Act kind="main" minH="50px" fontSize="16px" onClick={() => start.mutate()}>
                    Start a job from this
                </Act>
            ) : null}
            <Refused error={start.error} />
        </Box>
    );
}

function ResultRow({ of, output }: { of: SumInHand; output: Sheet['results'][number] }) {
    const { units } = useUnits();
    const said = say(of.sum?.answer.results[output.name]?.value, output.quantity, units);
    return (
        <Box as="tr" borderBottomWidth="1px" borderColor="rule">
            <Box as="td" color="soft" fontSize="14.5px">
                {output.meaning}
            </Box>
            <Box as="td" textAlign="right" whiteSpace={said.figure.length > 12 ? 'normal' : 'nowrap'}>
                <Box
                    as="button"
                    minH="44px"
                    minW="44px"
                    textAlign="right"
                    fontSize={said.figure.length > 12 ? '15px' : '20px'}
                    fontWeight="600"
                    cursor="pointer"
                    data-result={output.name}
                    aria-label={`${output.meaning}: ${said.figure} ${said.unit}, show the working`}
                    onClick={() => of.hold('result', output.name)}
                >
                    {said.figure}
                </Box>{' '}
                <Box as="span" color="soft">
                    {said.unit}
                </Box>
            </Box>
        </Box>
    );
}

function FoundHere({ of, finding }: { of: SumInHand; finding: PlainFinding }) {
    const { units } = useUnits();
    const talk = useTalk();
    const edge = { stop: 'hot', caution: 'brass', note: 'soft' }[finding.level];
    const fixes = Object.entries(finding.set ?? {}).map(([name, value]) => ({
        value,
        quantity: of.sheet.inputs.find((one) => one.name === name)?.quantity,
    }));
    return (
        <Box borderLeftWidth="3px" borderColor={edge} pl={3} data-finding={finding.code}>
            <Flex gap={2} align="center" fontWeight="600">
                <LevelMark level={finding.level} />
                {LEVEL_WORD[finding.level]}: {of.sheet.findings[finding.code] ?? finding.code}
            </Flex>
            <Box color="soft" fontSize="14.5px">
                {talk(finding.message)}
            </Box>
            <Box fontSize="14.5px">{talk(finding.remedy)}</Box>
            {fixes.length > 0 ? (
                <Act kind="offer" mt={1} onClick={() => of.setTyped((now) => ({ ...now, ...finding.set }))}>
                    {remedyWords(fixes, units)}
                </Act>
            ) : null}
        </Box>
    );
}
