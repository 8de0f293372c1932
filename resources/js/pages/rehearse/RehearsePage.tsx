import { Box, Flex } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { get } from '../../api/client';
import type { Schemas } from '../../api/types';
import { Fetching } from '../../bench/Fetching';
import { moment } from '../../bench/units';
import { useTitle } from '../../shell/useTitle';

type Rehearsals = Schemas['Rehearsals'];
type Line = Rehearsals['record'][number];

/** What is rehearsed besides heat: where it stands, what it is, and what it teaches. */
const OTHERS: [string, string, string][] = [
    [
        'push-4',
        'Pushing order of four claws',
        'Opposite, then across: three rounds, the level looked at after each push.',
    ],
    ['push-6', 'Pushing order of six claws', 'Opposite, then the pair farthest from what is done.'],
    ['push-12', 'Pushing order of a bezel in twelve', 'As a clock: 12 and 6, 3 and 9, 1 and 7.'],
    [
        'push-5',
        'Pushing order of five claws',
        'An odd count has no opposites: the farthest from all that is done.',
    ],
    [
        'pour-sterling-925',
        'The pour’s minute in silver',
        'Arm, crucible, torch, flux, flask, release: the look of the metal tells when.',
    ],
    [
        'pour-14k-yellow',
        'The pour’s minute in 14k',
        'The same with gold, which is ready sooner after it melts.',
    ],
];

/** The lessons, one’s own record, and for whoever teaches how everybody comes on. */
export default function RehearsePage() {
    useTitle('Rehearse');
    const query = useQuery({ queryKey: ['rehearsals'], queryFn: () => get<Rehearsals>('rehearsals') });
    if (!query.data) return <Fetching words="Opening the book of lessons…" query={query} />;
    const { lessons, record, people } = query.data;
    const own = new Map(record.map((line) => [line.lesson, line]));
    const jobs = record.filter((line) => line.lesson.startsWith('job-'));
    return (
        <Box as="main" px={{ base: 3, md: 5 }} py={5} maxW="1080px" w="full" mx="auto">
            <Box as="h1" fontSize="24px" fontWeight="600">
                Rehearse
            </Box>
            <Box color="soft" mb={3}>
                Burn it here instead of at the bench. A model, for learning what to look for; it is no licence
                to do it: learn torch work beside somebody qualified. A heat of a job is rehearsed from its
                Join.
            </Box>
            <Lessons
                title="Solder"
                lines={lessons.map((one) => [one.key, one.title, one.teaches])}
                own={own}
            />
            <Lessons title="Setting and pour" lines={OTHERS} own={own} />
            {jobs.length > 0 ? (
                <Lessons
                    title="Heats of jobs"
                    lines={jobs.map((one) => [one.lesson, one.title, ''])}
                    own={own}
                />
            ) : null}
            {people ? <People people={people} /> : null}
        </Box>
    );
}

function Lessons({
    title,
    lines,
    own,
}: {
    title: string;
    lines: [string, string, string][];
    own: Map<string, Line>;
}) {
    return (
        <Box as="section" aria-label={title} mb={5}>
            <Box as="h2" fontSize="17px" fontWeight="600">
                {title}
            </Box>
            {lines.map(([key, name, teaches]) => {
                const line = own.get(key);
                return (
                    <Flex
                        key={key}
                        gap={4}
                        py={2}
                        minH="52px"
                        align="center"
                        wrap="wrap"
                        borderBottomWidth="1px"
                        borderColor="rule"
                        data-lesson={key}
                    >
                        <Box flex="2" minW="240px">
                            <Link className="way-on" to={wayTo(key)}>
                                {name}
                            </Link>
                            <Box color="soft">{teaches}</Box>
                        </Box>
                        <Box flex="1" minW="200px">
                            {line ? (
                                <>
                                    best: <Played line={line} which="best" /> in{' '}
                                    {line.best.seconds.toFixed(0)} s
                                    <Box color="soft">
                                        last: <Played line={line} which="last" />,{' '}
                                        {moment(line.last.at ?? '')}; {line.times}{' '}
                                        {line.times === 1 ? 'time' : 'times'}
                                    </Box>
                                </>
                            ) : (
                                <Box color="soft">not yet</Box>
                            )}
                        </Box>
                    </Flex>
                );
            })}
        </Box>
    );
}

/** What came of it; a heat can be played again as it was. */
function Played({ line, which }: { line: Line; which: 'best' | 'last' }) {
    const done = line[which];
    return /^(push|pour)-/.test(line.lesson) ? (
        <b>{done.outcome}</b>
    ) : (
        <Link
            className="way-on"
            aria-label={`Play the ${which} of ${line.title}: ${done.outcome}`}
            to={`/rehearse/${line.lesson}?play=${done.id}`}
        >
            {done.outcome}
        </Link>
    );
}

function wayTo(lesson: string): string {
    const [kind, ...rest] = lesson.split('-');
    if (kind === 'push') return `/rehearse/push/${rest.join('-')}`;
    if (kind === 'pour') return `/rehearse/pour/${rest.join('-')}`;
    return `/rehearse/${lesson}`;
}

/** How everybody of the workshop comes on, for whoever teaches; it does not leave the workshop. */
function People({ people }: { people: NonNullable<Rehearsals['people']> }) {
    return (
        <Box as="section" aria-label="Everybody" data-testid="people">
            <Box as="h2" fontSize="17px" fontWeight="600">
                Everybody
            </Box>
            {people.map((person) => (
                <Box key={person.name} py={2} borderBottomWidth="1px" borderColor="rule">
                    <Box fontWeight="600">{person.name}</Box>
                    {person.record.length === 0 ? <Box color="soft">nothing rehearsed yet</Box> : null}
                    {person.record.map((line) => (
                        <Flex key={line.lesson} gap={4} wrap="wrap">
                            <Box flex="2" minW="240px">
                                {line.title}
                            </Box>
                            <Box flex="1" minW="130px">
                                best: {line.best.outcome}
                            </Box>
                            <Box flex="1" minW="130px">
                                last: {line.last.outcome}
                            </Box>
                            <Box color="soft" minW="60px">
                                {line.times} ×
                            </Box>
                        </Flex>
                    ))}
                </Box>
            ))}
        </Box>
    );
}
