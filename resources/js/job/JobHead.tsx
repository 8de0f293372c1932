import { Box, Flex } from '@chakra-ui/react';
import { moment } from '../bench/units';
import { Saved } from './Notices';
import type { Work } from './useJob';

/** Which job it is, whose, for when, and whether it is saved. */
export function JobHead({ work }: { work: Work }) {
    const job = work.job!;
    const typed = (path: string) =>
        (job.document.decisions as Record<string, { typed: string } | undefined>)[path]?.typed;
    const due = typed('brief.due');
    return (
        <Flex align="baseline" gap={3} wrap="wrap">
            <Box as="h1" fontSize="24px" fontWeight="600" overflowWrap="anywhere" lineClamp={2} dir="auto">
                {job.number} · {typed('brief.title') ?? 'untitled'}
            </Box>
            <Box color="soft">
                {job.client?.name ?? 'no client yet'}
                {due ? ` · due ${moment(due)}` : ''}
                {job.state !== 'open' ? ` · ${job.state}` : ''}
            </Box>
            <Box flex="1" />
            <Saved work={work} />
        </Flex>
    );
}
