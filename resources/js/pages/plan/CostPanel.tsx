import { Box, Flex } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { post } from '../../api/client';
import type { Schemas } from '../../api/types';
import { Act } from '../../bench/Act';
import { LevelMark } from '../../bench/marks';
import { useTalk } from '../../bench/talk';
import type { Moving } from './bars';
import { long } from './plan';
import { at, clock, dayOf, said } from '../../shell/zone';

/** A hand that rests so long wants to know. */
const RESTS = 120;

export const asked = ({ bar, start, lane }: Moving) => ({
    job: bar.job,
    step: bar.steps[0]!.step,
    start: said(start),
    by: lane.replace(/^kiln:/, ''),
});

/** What laying a step there would come to, before it is let go. */
export function CostPanel({
    moving,
    onFix,
    onLeave,
}: {
    moving: Moving;
    onFix: () => void;
    onLeave: () => void;
}) {
    const talk = useTalk();
    const [rested, setRested] = useState(moving);
    useEffect(() => {
        const timer = setTimeout(() => setRested(moving), RESTS);
        return () => clearTimeout(timer);
    }, [moving]);
    const { data, error } = useQuery({
        queryKey: ['plan-try', asked(rested)],
        queryFn: () => post<Schemas['PlanChange']>('plan/try', asked(rested)),
        placeholderData: (before) => before,
    });
    const where = `${dayOf(moving.start)} ${clock(moving.start)}, ${moving.lane.replace(/^kiln:/, '')}`;
    const later = data?.moved.filter((one) => one.after && one.before && one.after > one.before) ?? [];
    const lateBy = (data?.late_after_min ?? 0) - (data?.late_before_min ?? 0);
    return (
        <Box
            as="section"
            aria-label="What it costs"
            borderLeftWidth="3px"
            borderColor="verdigris"
            pl={3}
            data-testid="cost"
        >
            <Box fontWeight="600" role="status">
                {moving.bar.steps[0]?.what} of {moving.bar.job}: {where}
            </Box>
            {error ? (
                <Box color="hot">{error.message}</Box>
            ) : !data ? (
                <Box color="soft">Laying it there…</Box>
            ) : (
                <>
                    <Box>
                        {lateBy > 0
                            ? `${long(lateBy)} more lateness in all.`
                            : lateBy < 0
                              ? `${long(-lateBy)} less lateness in all.`
                              : 'Nothing becomes later than its day.'}{' '}
                        {movedWords(data.moved.length, later.length)}
                    </Box>
                    {later.slice(0, 4).map((one) => (
                        <Box key={one.job} color={one.late ? 'hot' : 'soft'}>
                            {one.job} ends {dayOf(at(one.after!))} {clock(at(one.after!))}, was{' '}
                            {dayOf(at(one.before!))} {clock(at(one.before!))}
                            {one.late ? ': late' : ''}
                        </Box>
                    ))}
                    {data.findings.map((finding) => (
                        <Flex key={finding.message} gap={2} align="start">
                            <LevelMark level={finding.level} />
                            <Box>{talk(finding.message)}</Box>
                        </Flex>
                    ))}
                </>
            )}
            <Flex gap={2} mt={1}>
                <Act kind="main" onClick={onFix} disabled={!data}>
                    Lay it there
                </Act>
                <Act kind="quiet" onClick={onLeave}>
                    Leave it
                </Act>
            </Flex>
        </Box>
    );
}

const movedWords = (moved: number, later: number) =>
    moved === 0
        ? 'No job ends at another hour.'
        : `${moved} ${moved === 1 ? 'job ends' : 'jobs end'} at another hour, ${later} of them later.`;
