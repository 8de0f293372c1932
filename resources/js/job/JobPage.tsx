import { Box, Flex } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import type { StationName } from '../api/types';
import { Tray } from '../bench/Tray';
import { moment } from '../bench/units';
import { fieldAt, useCatalogue } from '../shell/catalogue';
import { isTyping } from '../shell/Shell';
import { StationNav } from '../shell/StationNav';
import { BenchStrip, Next } from './BenchStrip';
import { ClientPick, Pictures } from './BriefParts';
import { PourChecklist } from './PourChecklist';
import { ChargeLots } from './ChargeLots';
import { ClientReview } from './ClientReview';
import { DecisionRail } from './DecisionRail';
import { Findings } from './Findings';
import { History } from './History';
import { JobMenu } from './JobMenu';
import { Notices, Saved } from './Notices';
import { GridList } from './GridList';
import { Readings } from './Readings';
import { Composer, Stands, Tools } from './StoneParts';
import { StationDrawings } from './StationDrawings';
import { FinishParts } from './bench/FinishParts';
import { FormParts, isByHand } from './bench/FormParts';
import { HandOverParts, isLook } from './bench/HandOverParts';
import { JoinParts } from './bench/JoinParts';
import { SetParts } from './bench/SetParts';
import { SizingParts } from './bench/SizingParts';
import { Masses, Programme, WorkingClock } from './Tables';
import { useJob } from './useJob';
import { Wanted } from './Wanted';
import { WorkingCard, type InHand } from './working';
import { Act } from '../bench/Act';
import { ClientLeft } from '../metal/ClientLeft';
import { JobMetal } from '../metal/JobMetal';
import { Trim } from '../metal/Trim';

/** Decisions that stand elsewhere on the page than among the station's instruments. */
const ELSEWHERE = ['brief.fit_apply', 'join.order'];
/** Decisions that mean something only where another says so. */
const ONLY: Record<string, [string, string[]]> = {
    'form.edge': ['form.profile', ['knife']],
    'form.rise_inside': ['form.profile', ['court']],
    'form.rise_outside': ['form.profile', ['court']],
    ...Object.fromEntries(
        ['overlap', 'gap', 'trim', 'stock_length', 'rounded'].map((name) => [
            `form.${name}`,
            ['brief.kind', ['fabricated']] satisfies [string, string[]],
        ]),
    ),
    'join.old_solder': ['join.old_work', ['true']],
    'finish.tumble_minutes': ['finish.tumble', ['true']],
    'stones.wall': ['stones.setting', ['bezel', 'tube']],
    'stones.fit': ['stones.setting', ['bezel', 'tube']],
    'stones.school': ['stones.setting', ['bezel']],
    'stones.seat_height': ['stones.setting', ['bezel']],
    'stones.cover': ['stones.setting', ['bezel']],
    'stones.ledge_width': ['stones.setting', ['bezel']],
    'stones.corners': ['stones.setting', ['bezel']],
    'stones.head_soldered': ['stones.setting', ['bezel', 'claws']],
    'stones.claws': ['stones.setting', ['claws']],
    'stones.claw_wire': ['stones.setting', ['claws']],
    'stones.notch': ['stones.setting', ['claws']],
    'stones.girdle_below': ['stones.setting', ['flush', 'bead', 'shared']],
};
/** Where a decision of a station stands among its composers, below. */
const composed = (path: string) => /^stones\.(halo|row|after)_/.test(path);

/** Stations that say for themselves what is missing while nothing can be drawn. */
const BARE = ['join', 'set'];
/** Stations where balance and caliper lie at hand. */
const SCALES = ['sizing', 'wax', 'pour', 'join', 'finish', 'handover'];

/** Each job has a page of its own: nothing of one is carried into another. */
export function JobPage() {
    const { number } = useParams();
    return <OneJob key={number} number={Number(number)} />;
}

function OneJob({ number }: { number: number }) {
    const params = useParams();
    const go = useNavigate();
    const catalogue = useCatalogue();
    const work = useJob(number, params.station as StationName | undefined);
    const [inHandAt, setInHandAt] = useState<{ station: string; held: InHand } | null>(null);
    const [history, setHistory] = useState(false);
    const [typing, setTyping] = useState<string[] | null>(null);
    const { job } = work;
    const { act, undo } = work;
    const stations = job?.stations;

    useEffect(() => {
        const keys = (event: KeyboardEvent) => {
            if (isTyping(event)) return;
            const station = stations?.[event.key === '0' ? 9 : Number(event.key) - 1];
            if (station) void go(`/jobs/${number}/${station.name}`);
            if (event.key === 'u') void undo();
            if (event.key === 'h') setHistory((now) => !now);
            if (event.key === 'p')
                void go(
                    `/print/${number}/${{ stones: 'stones', wax: 'template', burnout: 'kiln', pour: 'casting', join: 'join', handover: 'handover' }[params.station ?? ''] ?? 'card'}`,
                );
        };
        window.addEventListener('keydown', keys);
        return () => window.removeEventListener('keydown', keys);
    }, [stations, number, go, undo, params.station]);

    if (work.failed && !job) {
        return (
            <Box as="main" p={8}>
                <Box as="h1" fontSize="24px" fontWeight="600">
                    Job {params.number}
                </Box>
                {work.failed.message} <a href="/jobs">All jobs</a>
            </Box>
        );
    }
    if (!job || !catalogue)
        return (
            <Box p={8} color="soft">
                Fetching the job…
            </Box>
        );

    const here = job.page.station;
    const station = job.stations.find((one) => one.name === here)!;
    const title = (job.document.decisions as Record<string, { typed: string }>)['brief.title']?.typed;
    const due = (job.document.decisions as Record<string, { typed: string }>)['brief.due']?.typed;
    const views = job.page.views;
    const main = views.find((view) => view.role === 'main');
    const onDrawing = new Set(
        views.flatMap((view) =>
            view.dimensions
                .filter((one) => one.kind === 'input')
                .map((one) => job.inputs[one.use ?? view.use]?.[one.name]?.path),
        ),
    );
    const decided = job.document.decisions as Record<string, { value: string }>;
    const mine = Object.keys(catalogue.decisions).filter(
        (path) =>
            path.startsWith(`${here}.`) &&
            !onDrawing.has(path) &&
            !ELSEWHERE.includes(path) &&
            !composed(path) &&
            !isByHand(path) &&
            !isLook(path, catalogue.decisions[path]!) &&
            (ONLY[path] === undefined || ONLY[path][1].includes(String(decided[ONLY[path][0]]?.value ?? ''))),
    );
    const first = job.page.strip.find((figure) => figure.value !== null);
    const inHand =
        inHandAt?.station === here
            ? inHandAt.held
            : first
              ? { use: first.use, kind: 'result' as const, name: first.result }
              : null;
    const setInHand = (held: InHand) => setInHandAt({ station: here, held });
    const wants = [...new Set([...(typing ?? []), ...job.page.wants])].filter(
        (path) =>
            fieldAt(catalogue, path) !== undefined &&
            !path.startsWith('attempts.') &&
            !path.startsWith('castings.'),
    );
    const rail = (
        <DecisionRail
            paths={main ? mine : mine.filter((path) => !wants.includes(path))}
            work={work}
            catalogue={catalogue}
        />
    );
    const sign = () =>
        void (station.state === 'signed' ? act(`stations/${here}`, { state: 'reopened' }) : work.sign(here));
    // What is signed is what is seen: nothing may be refused, clash or wait for the line.
    const held = Object.keys(work.errors).length > 0 || work.clashes.length > 0 || work.trouble !== null;

    return (
        <>
            <Flex flex="1" px={5} gap={4} direction={{ base: 'column', lg: 'row' }} as="main">
                <StationNav stations={job.stations} here={here} number={number} />
                <Box flex="1" minW={0} pt={2} pb={4}>
                    <Flex align="baseline" gap={3} wrap="wrap">
                        <Box
                            as="h1"
                            fontSize="24px"
                            fontWeight="600"
                            overflowWrap="anywhere"
                            lineClamp={2}
                            dir="auto"
                        >
                            {job.number} · {title ?? 'untitled'}
                        </Box>
                        <Box color="soft">
                            {job.client?.name ?? 'no client yet'}
                            {due ? ` · due ${moment(due)}` : ''}
                            {job.state !== 'open' ? ` · ${job.state}` : ''}
                        </Box>
                        <Box flex="1" />
                        <Saved work={work} />
                    </Flex>
                    <Notices work={work} drift={station.drift} catalogue={catalogue} />
                    {here === 'brief' ? (
                        <Box maxW="420px" mt={2}>
                            <ClientPick work={work} />
                        </Box>
                    ) : null}
                    {main && typing === null ? (
                        <StationDrawings {...{ work, catalogue, views, inHand, setInHand }} />
                    ) : wants.length === 0 &&
                      BARE.includes(here) &&
                      Object.keys(job.errors).length === 0 ? null : (
                        <Wanted wants={wants} work={work} catalogue={catalogue} onTyping={setTyping} />
                    )}
                    {here === 'wax' && main ? (
                        <Flex justify="end">
                            <Act kind="turn" onClick={() => void go(`/print/${number}/template`)}>
                                print at 1:1
                            </Act>
                        </Flex>
                    ) : null}
                    {here === 'burnout' ? (
                        <Box maxW="640px" mx="auto">
                            <Programme job={job} />
                        </Box>
                    ) : null}
                    {here === 'join' && job.document.parts.length === 0 ? null : rail}
                    {here === 'form' && decided['brief.kind']?.value === 'fabricated' ? (
                        <>
                            <FormParts work={work} catalogue={catalogue} />
                            <JobMetal work={work} />
                        </>
                    ) : null}
                    {here === 'sizing' ? <SizingParts work={work} catalogue={catalogue} /> : null}
                    {here === 'join' ? <JoinParts work={work} catalogue={catalogue} /> : null}
                    {here === 'join' ? <JobMetal work={work} soldering /> : null}
                    {here === 'set' ? <SetParts work={work} /> : null}
                    {here === 'finish' ? <FinishParts work={work} /> : null}
                    {here === 'handover' ? <ClientLeft work={work} /> : null}
                    {here === 'handover' ? <HandOverParts work={work} catalogue={catalogue} /> : null}
                    {here === 'brief' ? <Pictures work={work} /> : null}
                    {here === 'stones' ? (
                        <>
                            {main ? <Composer work={work} catalogue={catalogue} /> : null}
                            <Readings
                                group="stones"
                                title="Stones of this piece"
                                again="another stone"
                                work={work}
                                catalogue={catalogue}
                            />
                            <Tools job={job} />
                        </>
                    ) : null}
                    {here === 'wax' && main ? <GridList work={work} /> : null}
                    {here === 'wax' ? (
                        <Readings
                            group="attempts"
                            title="Wax on the bench"
                            again="carve again"
                            work={work}
                            catalogue={catalogue}
                        />
                    ) : null}
                    {here === 'wax' ? <ClientReview work={work} /> : null}
                    {here === 'pour' ? <PourChecklist job={job} /> : null}
                    {here === 'pour' ? <ChargeLots work={work} /> : null}
                    {here === 'pour' ? <Trim work={work} /> : null}
                    {here === 'pour' &&
                    job.document.castings.some(
                        (casting) =>
                            (casting as { verdict?: { value: string } }).verdict?.value === 'cast-again',
                    ) ? (
                        <Act
                            kind="offer"
                            minH="46px"
                            onClick={() =>
                                void act('stations/wax', { state: 'reopened' }).then(() =>
                                    go(`/jobs/${number}/wax`),
                                )
                            }
                        >
                            Cast again: back to the wax
                        </Act>
                    ) : null}
                    {here === 'pour' ? (
                        <Readings
                            group="castings"
                            title="Casting, weighed and measured"
                            again="cast again"
                            work={work}
                            catalogue={catalogue}
                        />
                    ) : null}
                </Box>
                <Box
                    as="aside"
                    w={{ base: 'full', lg: '292px' }}
                    flexShrink={0}
                    display="grid"
                    gap={5}
                    alignContent="start"
                    pt={3}
                    pb={4}
                >
                    <JobMenu work={work} onHistory={() => setHistory(true)} />
                    {history ? (
                        <History number={number} work={work} onClose={() => setHistory(false)} />
                    ) : null}
                    <Findings
                        findings={job.page.findings}
                        catalogue={catalogue}
                        onFix={(fixes) => fixes.forEach((fix) => work.edit(fix.path, fix.value))}
                        onOverride={(finding, reason) =>
                            void act('overrides', {
                                use: finding.use,
                                code: finding.code,
                                about: finding.about,
                                value: finding.value,
                                reason,
                            })
                        }
                    />
                    {job.page.cautions.length > 0 && !job.page.cautions_seen ? (
                        <Box borderLeftWidth="3px" borderColor="hot" pl={3} data-testid="cautions">
                            <Box fontWeight="600">Before you start</Box>
                            {job.page.cautions.map((caution) => (
                                <Box key={caution} fontSize="14.5px" mb={1}>
                                    {caution}
                                </Box>
                            ))}
                            <Box fontSize="13.5px" color="soft">
                                Follow your local code and a qualified person’s training.
                            </Box>
                            <Act kind="line" mt={1} onClick={() => work.edit(`seen.${here}`, true)}>
                                I have read it
                            </Act>
                        </Box>
                    ) : null}
                    {inHand ? (
                        <WorkingCard
                            inHand={inHand}
                            answer={job.answers[inHand.use]}
                            inputs={job.inputs[inHand.use]}
                            catalogue={catalogue}
                        />
                    ) : null}
                    {here === 'form' ? (
                        <Masses
                            masses={job.answers['form.band']?.results.masses?.value}
                            own={
                                (job.document.decisions as Record<string, { value: unknown }>)['brief.alloy']
                                    ?.value
                            }
                        />
                    ) : null}
                    {here === 'stones' ? (
                        <>
                            <Tray device="caliper" />
                            <Stands job={job} />
                        </>
                    ) : null}
                    {here === 'tree' ? <WorkingClock job={job} /> : null}
                    {SCALES.includes(here) ? (
                        <>
                            <Tray device="balance" />
                            <Tray device="caliper" />
                        </>
                    ) : null}
                </Box>
            </Flex>
            <BenchStrip figures={job.page.strip} onTap={setInHand}>
                {station.state !== 'signed' ? (
                    <Act
                        kind="quiet"
                        onClick={() =>
                            void act(`stations/${here}`, {
                                state: station.state === 'not-needed' ? 'open' : 'not-needed',
                            })
                        }
                    >
                        {station.state === 'not-needed' ? 'it is needed' : 'not needed'}
                    </Act>
                ) : null}
                <Next
                    onClick={sign}
                    disabled={
                        (station.state !== 'signed' && held) ||
                        (station.state !== 'signed' &&
                            job.page.wants.some(
                                (path) => !path.startsWith('attempts.') && !path.startsWith('castings.'),
                            ))
                    }
                >
                    {station.state === 'signed' ? 'Reopen' : job.page.sign_off}
                </Next>
            </BenchStrip>
        </>
    );
}
