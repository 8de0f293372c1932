import { Box, Button, Flex } from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { get, post } from '../../api/client';
import { LevelMark } from '../../bench/marks';
import { useTalk } from '../../bench/talk';
import { moment, say, useUnits } from '../../bench/units';
import { Drawing } from '../../drawing/Drawing';
import { NotHere } from '../../shell/NotHere';
import { useTitle } from '../../shell/useTitle';
import { FlaskSteps } from './FlaskSteps';
import { KilnFooter } from './KilnFooter';
import { called, clock, type Run } from './run';
import { SimulatedKiln } from './SimulatedKiln';
import { useCatalogue } from '../../shell/catalogue';
import { LEVEL_WORD } from '../../bench/remedy';
import { Refused } from '../../bench/Refused';

const POLL = 2000;

/** A burnout or a firing as it goes: planned against logged, what the core feels, its alarms, and each flask's steps. */
export default function RunPage() {
    const { run: id } = useParams();
    const queries = useQueryClient();
    const { units } = useUnits();
    const catalogue = useCatalogue();
    const key = ['run', id];
    const { data: run, error: missing } = useQuery({
        queryKey: key,
        queryFn: () => get<Run>(`casting/${id}`),
        refetchInterval: POLL,
    });
    const act = useMutation({
        mutationFn: ({ path, body }: { path: string; body: unknown }) => post<Run>(path, body),
        // What was asked for before does not come in over what is being done.
        onMutate: () => queries.cancelQueries({ queryKey: key }),
        onSuccess: (answer) => queries.setQueryData(key, answer),
    });
    const tap = (path: string, body: unknown = {}) =>
        act.mutateAsync({ path, body }).then(
            () => undefined,
            // The mutation says what was refused.
            () => undefined,
        );
    const talk = useTalk();
    const title = run ? called(run) : `Burnout ${id}`;
    useTitle(title);
    if (missing && !run) return <NotHere title={title} words={missing.message} />;
    if (!run) return <Box p={8}>Looking into the kiln…</Box>;
    const isFiring = run.kind === 'firing';
    const titles = catalogue?.sheets.find((one) => one.name === 'burnout.core')?.findings ?? {};
    const heat = (c: number | null | undefined) =>
        c === null || c === undefined
            ? '–'
            : `${say(c, 'temperature', units).figure} ${say(c, 'temperature', units).unit}`;
    const alarms = run.alarms.filter((alarm) => alarm.answered_at === null);
    return (
        <>
            <Box as="main" px={5} py={4} flex="1">
                <Flex align="baseline" gap={3} wrap="wrap">
                    <Box as="h1" fontSize="24px" fontWeight="600">
                        {title}
                    </Box>
                    <Box color="soft">
                        {isFiring
                            ? 'metal clay'
                            : `${run.flask_rows.length} ${run.flask_rows.length === 1 ? 'flask' : 'flasks'}`}{' '}
                        · {run.state} · simulated kiln
                        {run.start_at && run.state === 'planned'
                            ? ` · switch on ${moment(run.start_at)}`
                            : ''}
                    </Box>
                </Flex>
                {alarms.map((alarm) => (
                    <Flex
                        key={alarm.id}
                        role="alert"
                        data-alarm={alarm.code}
                        bg="hot"
                        color="onHot"
                        p={3}
                        my={2}
                        gap={3}
                        align="center"
                        fontSize="18px"
                        fontWeight="600"
                    >
                        <Box flex="1">
                            Alarm, {clock(alarm.minute)} in: {talk(alarm.message)}
                        </Box>
                        <Button
                            variant="outline"
                            borderColor="onHot"
                            color="onHot"
                            minH="46px"
                            onClick={() => tap(`casting/${run.id}/alarms/${alarm.id}`)}
                        >
                            I have seen to it
                        </Button>
                    </Flex>
                ))}
                <Refused error={act.error} />
                <Flex gap={6} direction={{ base: 'column', lg: 'row' }}>
                    <Box flex="1" minW={0}>
                        <Drawing view={run.view} height={420} box={() => null} />
                        <Box color="soft" fontSize="14px" textAlign="center">
                            thin: planned · thick: logged
                            {isFiring ? '' : ' · dashed: core of the widest flask, by the model'}
                            {run.gaps.length > 0
                                ? ` · not watched ${run.gaps.map((gap) => `${clock(gap.from)} to ${clock(gap.to)}`).join(', ')}`
                                : ''}
                        </Box>
                        {run.core?.findings.map((finding) => (
                            <Box
                                key={finding.code}
                                borderLeftWidth="3px"
                                borderColor={finding.level === 'stop' ? 'hot' : 'brass'}
                                pl={3}
                                my={2}
                                data-finding={finding.code}
                            >
                                <Flex gap={2} align="center" fontWeight="600">
                                    <LevelMark level={finding.level} />
                                    {LEVEL_WORD[finding.level]}: {titles[finding.code] ?? finding.code}
                                </Flex>
                                {talk(`${finding.message} ${finding.remedy}`)}
                            </Box>
                        ))}
                        {run.state === 'burning' ? <SimulatedKiln run={run} tap={tap} /> : null}
                    </Box>
                    <Box w={{ base: 'full', lg: '380px' }} flexShrink={0}>
                        {isFiring ? (
                            run.jobs.map((job) => (
                                <Box key={job.number} py={3} data-testid="fired-piece">
                                    <Link className="way-on" to={`/jobs/${job.number}/wax`}>
                                        {job.number} {job.title}
                                    </Link>
                                    <Box color="soft">
                                        {run.state === 'over'
                                            ? 'Measure across its inside now: Wax says what it shrank.'
                                            : 'Dry through before it goes in; let it cool as its sheet says.'}
                                    </Box>
                                </Box>
                            ))
                        ) : (
                            <Drawing view={run.chamber} height={200} box={() => null} />
                        )}
                        {run.flask_rows.map((flask, index) => (
                            <FlaskSteps
                                key={flask.id}
                                flask={flask}
                                number={index + 1}
                                run={run}
                                heat={heat}
                                tap={tap}
                            />
                        ))}
                    </Box>
                </Flex>
            </Box>
            <KilnFooter run={run} heat={heat} tap={tap} />
        </>
    );
}
