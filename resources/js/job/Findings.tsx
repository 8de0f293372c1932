import { Box, Button, Flex, Input } from '@chakra-ui/react';
import { useState } from 'react';
import type { Finding } from '../api/types';
import { LevelMark } from '../bench/marks';
import { useTalk } from '../bench/talk';
import { useUnits } from '../bench/units';
import type { Catalogue } from '../api/types';
import { fieldAt } from '../shell/catalogue';
import { Act } from '../bench/Act';
import { LEVEL_WORD, remedyWords } from '../bench/remedy';

const EDGE = { stop: 'hot', caution: 'brass', note: 'soft' } as const;

interface Props {
    findings: Finding[];
    catalogue: Catalogue;
    onFix: (fixes: Finding['fixes']) => void;
    onOverride: (finding: Finding, reason: string) => void;
}

/** The judgement calls of a station, gravest first, each with its remedy. */
export function Findings({ findings, catalogue, onFix, onOverride }: Props) {
    return (
        <Box as="ul" listStyleType="none" display="grid" gap={4} aria-label="Findings">
            {findings.map((finding) => (
                <One key={finding.use + finding.code} {...{ finding, catalogue, onFix, onOverride }} />
            ))}
        </Box>
    );
}

function One({ finding, catalogue, onFix, onOverride }: Omit<Props, 'findings'> & { finding: Finding }) {
    const { units } = useUnits();
    const talk = useTalk();
    const [asking, setAsking] = useState(false);
    const [reason, setReason] = useState('');
    const said = remedyWords(
        finding.fixes.map((fix) => ({
            value: fix.value,
            quantity: fieldAt(catalogue, fix.path)?.quantity,
        })),
        units,
    );
    return (
        <Box
            as="li"
            borderLeftWidth="3px"
            borderColor={EDGE[finding.level]}
            pl={3}
            opacity={finding.override ? 0.75 : 1}
            data-finding={finding.code}
        >
            <Flex align="center" gap={2} fontWeight="600">
                <LevelMark level={finding.level} />
                <Box>
                    {LEVEL_WORD[finding.level]}: {finding.title}
                    {finding.of ? ` · ${finding.of}` : ''}
                </Box>
            </Flex>
            <Box fontSize="14.5px" color="soft">
                {talk(finding.message)}
            </Box>
            <Box fontSize="14.5px">{talk(finding.remedy)}</Box>
            {finding.override ? (
                <Box fontSize="13.5px" color="soft">
                    Overridden by {finding.override.by}: {finding.override.reason}
                </Box>
            ) : (
                <Flex gap={2} mt={1} wrap="wrap">
                    {finding.fixes.length > 0 ? (
                        <Act kind="offer" px={3} onClick={() => onFix(finding.fixes)}>
                            {said}
                        </Act>
                    ) : null}
                    {finding.level === 'stop' && !asking ? (
                        <Act kind="quiet" textDecoration="underline" px={1} onClick={() => setAsking(true)}>
                            Override…
                        </Act>
                    ) : null}
                </Flex>
            )}
            {asking && !finding.override ? (
                <Flex
                    as="form"
                    gap={2}
                    mt={1}
                    onSubmit={(event) => {
                        event.preventDefault();
                        if (reason.trim() !== '') onOverride(finding, reason);
                        setAsking(false);
                    }}
                >
                    <Input
                        aria-label="Why you override this stop"
                        placeholder="Why"
                        value={reason}
                        autoFocus
                        bg="card"
                        h="44px"
                        onChange={(event) => setReason(event.target.value)}
                    />
                    <Button type="submit" bg="ink" color="paper" h="44px">
                        Override
                    </Button>
                </Flex>
            ) : null}
        </Box>
    );
}
