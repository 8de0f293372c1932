import { Box, Flex } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { get } from '../../api/client';
import type { StretchTests } from '../../api/types';
import type { Catalogue, Kept } from '../../api/types';
import { Readings } from '../Readings';
import { TakeCasting } from '../Siblings';
import { rowsOf } from '../held';
import type { Results } from '../../api/results';
import type { Work } from '../useJob';
import { HeatList, type Heat } from './HeatList';
import { Section } from './Section';
import { Act } from '../../bench/Act';

interface Edit {
    joint: string;
    field: string;
    value: string | boolean;
}
interface Closed {
    joint: string;
    how: string;
    words: string;
}
interface StoneInFire {
    stone: string;
    when: string;
    why: string;
}
interface Proposal {
    kind?: string;
    joints: string;
    words: string;
    changes: Edit[];
}

/** Of every stone, whether it goes in before or after the last fire. */
function StonesInFire({ stones }: { stones: StoneInFire[] }) {
    if (stones.length === 0) return null;
    return (
        <Section name="stones-in-fire" title="Stones and the fire">
            {stones.map((one, at) => (
                <Flex key={`${one.stone}${at}`} gap={3} wrap="wrap" minH="30px">
                    <Box fontWeight="600" minW="140px">
                        {one.stone}
                    </Box>
                    <Box>{one.when}</Box>
                    <Box color="soft">{one.why}</Box>
                </Flex>
            ))}
        </Section>
    );
}

/** Joints that are closed without solder, and how. */
function WithoutSolder({ title, rows }: { title: string; rows: Closed[] }) {
    if (rows.length === 0) return null;
    return (
        <Section name="without-solder" title={title}>
            {rows.map((one) => (
                <Flex key={one.joint} gap={3} wrap="wrap" minH="30px">
                    <Box fontWeight="600" minW="140px">
                        {one.joint}
                    </Box>
                    <Box minW="60px">{one.how}</Box>
                    <Box color="soft">{one.words}</Box>
                </Flex>
            ))}
        </Section>
    );
}

/** The solder station: heats in order, what would free a plan, parts and joints, and what tests have taught. */
export function JoinParts({ work, catalogue }: { work: Work; catalogue: Catalogue }) {
    const job = work.job!;
    const plan = job.answers['join.plan']?.results;
    const rows = (name: keyof Results['join.plan']) => (plan?.[name]?.value ?? []) as unknown[];
    const joints = rowsOf(job, 'joints');
    const empty = job.document.parts.length === 0 && joints.length === 0;
    const take = (changes: Edit[]) =>
        changes.forEach(({ joint, field, value }) => {
            const row = joints.find((one) => (one.id as Kept | undefined)?.value === joint);
            if (row) work.edit(`joints.${row.key}.${field}`, value === '' ? null : value);
        });
    return (
        <>
            {empty ? (
                <Flex direction="column" align="center" gap={3} py={8} data-testid="no-parts">
                    <Box fontSize="18px">What is joined to what is not said yet.</Box>
                    <Act kind="main" minH="48px" px={5} onClick={() => void work.act('assembly')}>
                        Take the parts from the job
                    </Act>
                    <Box color="soft">or enter parts and joints below</Box>
                </Flex>
            ) : null}
            <Proposals
                name="remedies"
                title="What would free this plan"
                proposals={rows('remedies') as Proposal[]}
                onTake={take}
            />
            <StonesInFire stones={rows('stones') as StoneInFire[]} />
            <WithoutSolder title="Fused first, before any solder" rows={rows('fused') as Closed[]} />
            <HeatList
                heats={rows('heats') as Heat[]}
                cold={(rows('cold') as { joint: string }[]).map((one) => one.joint)}
                work={work}
                catalogue={catalogue}
            />
            <Proposals
                name="sharing"
                title="Joints that could share a heat"
                proposals={rows('sharing') as Proposal[]}
                onTake={take}
            />
            <TakeCasting work={work} />
            <Readings group="parts" title="Parts" again="another part" work={work} catalogue={catalogue} />
            <Readings group="joints" title="Joints" again="another joint" work={work} catalogue={catalogue} />
            <Learned />
        </>
    );
}

function Proposals({
    name,
    title,
    proposals,
    onTake,
}: {
    name: string;
    title: string;
    proposals: Proposal[];
    onTake: (changes: Edit[]) => void;
}) {
    if (proposals.length === 0) return null;
    return (
        <Section name={name} title={title}>
            {proposals.map((one) => (
                <Flex
                    key={one.words}
                    align="center"
                    gap={3}
                    borderBottomWidth="1px"
                    borderColor="rule"
                    py={1}
                    data-kind={one.kind ?? 'share'}
                >
                    <Box flex="1">{one.words}</Box>
                    <Act
                        kind="offer"
                        aria-label={`Do this: ${one.words}`}
                        onClick={() => onTake(one.changes)}
                    >
                        do this
                    </Act>
                </Flex>
            ))}
        </Section>
    );
}

/** What the workshop's stretch tests have taught of each form and grade. */
function Learned() {
    const { data } = useQuery({
        queryKey: ['stretch-tests'],
        queryFn: () => get<StretchTests>('stretch-tests'),
    });
    if (!data || data.learned.length === 0) return null;
    return (
        <Section name="learned" title="What the stretch tests say" hint="mean stretch at break">
            <table className="figures" aria-label="Learned">
                <tbody>
                    {data.learned.map((one) => (
                        <tr key={one.form + one.grade}>
                            <td>
                                {one.grade.replaceAll('-', ' ')}, {one.form}
                            </td>
                            <td>{(100 * one.strain).toFixed(1)} %</td>
                            <td>
                                {one.at_joint} of {one.samples} broke at the joint
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </Section>
    );
}
