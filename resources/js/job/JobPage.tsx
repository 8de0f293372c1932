import { Box, Button, Flex } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import type { Catalogue, Dimension, StationName, View } from '../api/types';
import { Tray } from '../bench/Tray';
import { moment, say, useUnits } from '../bench/units';
import { Drawing } from '../drawing/Drawing';
import { fieldAt, pathWords, useCatalogue } from '../shell/catalogue';
import { isTyping } from '../shell/Shell';
import { Stem } from '../shell/Stem';
import { BenchStrip, Next } from './BenchStrip';
import { ClientPick, Pictures } from './BriefParts';
import { Decision, DecisionRail } from './DecisionRail';
import { Findings } from './Findings';
import { History } from './History';
import { JobMenu } from './JobMenu';
import { Readings } from './Readings';
import { Masses, Programme, WorkingClock } from './Tables';
import { useJob, type Work } from './useJob';
import { WorkingCard, type InHand } from './working';

/** Decisions that stand elsewhere on the page than among the station's instruments. */
const ELSEWHERE = ['brief.fit_apply'];
const PROFILE_ONLY: Record<string, string> = {
    'form.edge': 'knife',
    'form.rise_inside': 'court',
    'form.rise_outside': 'court',
};

/** A dimension's box: an input edits the decision behind it, a result opens its working. */
function DimensionBox({
    dimension,
    view,
    work,
    catalogue,
    inHand,
    setInHand,
}: {
    dimension: Dimension;
    view: View;
    work: Work;
    catalogue: Catalogue;
    inHand: InHand | null;
    setInHand: (inHand: InHand) => void;
}) {
    const { units } = useUnits();
    const mine: InHand = { use: view.use, kind: dimension.kind, name: dimension.name };
    const held = inHand?.use === mine.use && inHand.name === mine.name;
    const answer = work.job?.answers[view.use];
    const sheet = catalogue.sheets.find((one) => one.name === answer?.sheet);
    if (dimension.kind === 'input') {
        const input = work.job?.inputs[view.use]?.[dimension.name];
        if (input?.path) {
            return (
                <Decision
                    path={input.path}
                    label={dimension.label}
                    work={work}
                    catalogue={catalogue}
                    inHand={held ? inHand : null}
                    onTake={() => setInHand(mine)}
                />
            );
        }
        const field = sheet?.inputs.find((one) => one.name === dimension.name);
        return (
            <Plate
                label={dimension.label}
                said={say(input?.value, field?.quantity, units)}
                held={held}
                onTap={() => setInHand(mine)}
            />
        );
    }
    const output = sheet?.results.find((one) => one.name === dimension.name);
    return (
        <Plate
            label={dimension.label}
            said={say(answer?.results[dimension.name]?.value, output?.quantity, units)}
            held={held}
            onTap={() => setInHand(mine)}
            name={`${view.use}/${dimension.name}`}
        />
    );
}

export function Plate({
    label,
    said,
    held,
    onTap,
    name,
}: {
    label: string;
    said: { figure: string; unit: string };
    held: boolean;
    onTap: () => void;
    name?: string;
}) {
    return (
        <Box
            as="button"
            data-result={name}
            minH="46px"
            minW="104px"
            px={2}
            py="3px"
            bg="card"
            borderWidth={held ? '2px' : '1px'}
            borderStyle="dashed"
            borderColor={held ? 'verdigris' : 'rule'}
            borderRadius="3px"
            cursor="pointer"
            aria-label={`${label}: ${said.figure} ${said.unit}, show the working`}
            onClick={onTap}
        >
            <Box fontSize="20px" fontWeight="600" lineHeight="1.2" whiteSpace="nowrap">
                {said.figure}{' '}
                <Box as="span" fontSize="13px" fontWeight="400" color="soft">
                    {said.unit}
                </Box>
            </Box>
            <Box fontSize="13px" color="soft" lineHeight="1.15" whiteSpace="nowrap">
                {label}
            </Box>
        </Box>
    );
}

export function JobPage() {
    const params = useParams();
    const go = useNavigate();
    const number = Number(params.number);
    const catalogue = useCatalogue();
    const work = useJob(number, params.station as StationName | undefined);
    const [inHandAt, setInHandAt] = useState<{ station: string; held: InHand } | null>(null);
    const [history, setHistory] = useState(false);
    const { job } = work;
    const { act } = work;
    const stations = job?.stations;

    useEffect(() => {
        const keys = (event: KeyboardEvent) => {
            if (isTyping(event)) return;
            const station = stations?.[Number(event.key) - 1];
            if (station) void go(`/jobs/${number}/${station.name}`);
            if (event.key === 'u') void act('undo');
            if (event.key === 'h') setHistory((now) => !now);
            if (event.key === 'p')
                void go(
                    `/print/${number}/${{ wax: 'template', burnout: 'kiln', pour: 'casting' }[params.station ?? ''] ?? 'card'}`,
                );
        };
        window.addEventListener('keydown', keys);
        return () => window.removeEventListener('keydown', keys);
    }, [stations, number, go, act, params.station]);

    if (work.failed && !job) {
        return (
            <Box p={8}>
                There is no job {params.number}, or it cannot be reached. <a href="/jobs">All jobs</a>
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
                .map((one) => job.inputs[view.use]?.[one.name]?.path),
        ),
    );
    const profile = (job.document.decisions as Record<string, { value: string }>)['form.profile']?.value;
    const mine = Object.keys(catalogue.decisions).filter(
        (path) =>
            path.startsWith(`${here}.`) &&
            !onDrawing.has(path) &&
            !ELSEWHERE.includes(path) &&
            (PROFILE_ONLY[path] === undefined || PROFILE_ONLY[path] === profile),
    );
    const first = job.page.strip.find((figure) => figure.value !== null);
    const inHand =
        inHandAt?.station === here
            ? inHandAt.held
            : first
              ? { use: first.use, kind: 'result' as const, name: first.result }
              : null;
    const setInHand = (held: InHand) => setInHandAt({ station: here, held });
    const box = (view: View) => (dimension: Dimension) => (
        <DimensionBox {...{ dimension, view, work, catalogue, inHand, setInHand }} />
    );
    const wants = job.page.wants.filter(
        (path) =>
            fieldAt(catalogue, path) !== undefined &&
            !path.startsWith('attempts.') &&
            !path.startsWith('castings.'),
    );
    const sign = () =>
        void act(`stations/${here}`, { state: station.state === 'signed' ? 'reopened' : 'signed' });

    return (
        <>
            <Flex flex="1" px={5} gap={4} direction={{ base: 'column', lg: 'row' }} as="main">
                <Stem stations={job.stations} here={here} number={number} />
                <Box flex="1" minW={0} pt={2} pb={4}>
                    <Flex align="baseline" gap={3} wrap="wrap">
                        <Box as="h1" fontSize="24px" fontWeight="600">
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
                    {main ? (
                        <Flex gap={2} direction={{ base: 'column', md: 'row' }} mt={1}>
                            <Box flex="1" minW={0}>
                                <Drawing
                                    view={main}
                                    height={here === 'burnout' ? 380 : here === 'wax' ? 400 : 430}
                                    box={box(main)}
                                />
                            </Box>
                            <Box
                                w={{ base: 'full', md: '240px' }}
                                display="grid"
                                gap={3}
                                alignContent="start"
                            >
                                {views
                                    .filter((view) => view.role === 'side')
                                    .map((view) => (
                                        <Box key={view.name}>
                                            <Box fontSize="13.5px" color="soft" textAlign="center">
                                                {view.title}
                                            </Box>
                                            <Drawing
                                                view={view}
                                                height={here === 'form' ? 170 : here === 'wax' ? 168 : 250}
                                                box={box(view)}
                                            />
                                        </Box>
                                    ))}
                            </Box>
                        </Flex>
                    ) : (
                        <Wanted wants={wants} work={work} catalogue={catalogue} />
                    )}
                    {views
                        .filter((view) => view.role === 'foot')
                        .map((view) => (
                            <Box key={view.name} mt={2}>
                                <Flex justify="space-between" fontSize="13.5px" color="soft" px={6}>
                                    <Box>{view.title}</Box>
                                    {here === 'wax' ? (
                                        <Button
                                            variant="plain"
                                            color="verdigris"
                                            minH="44px"
                                            onClick={() => void go(`/print/${number}/template`)}
                                        >
                                            print at 1:1
                                        </Button>
                                    ) : null}
                                </Flex>
                                <Drawing view={view} height={90} box={box(view)} />
                            </Box>
                        ))}
                    {here === 'burnout' ? (
                        <Box maxW="640px" mx="auto">
                            <Programme job={job} />
                        </Box>
                    ) : null}
                    <DecisionRail
                        paths={main ? mine : mine.filter((path) => !wants.includes(path))}
                        work={work}
                        catalogue={catalogue}
                    />
                    {here === 'brief' ? <Pictures work={work} /> : null}
                    {here === 'wax' ? (
                        <Readings
                            group="attempts"
                            title="Wax on the bench"
                            again="carve again"
                            work={work}
                            catalogue={catalogue}
                        />
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
                            <Button
                                variant="outline"
                                borderColor="rule"
                                color="ink"
                                minH="44px"
                                mt={1}
                                onClick={() => work.edit(`seen.${here}`, true)}
                            >
                                I have read it
                            </Button>
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
                    {here === 'tree' ? <WorkingClock job={job} /> : null}
                    {here === 'wax' || here === 'pour' ? (
                        <>
                            <Tray device="balance" />
                            <Tray device="caliper" />
                        </>
                    ) : null}
                </Box>
            </Flex>
            <BenchStrip figures={job.page.strip} onTap={setInHand}>
                {station.state !== 'signed' ? (
                    <Button
                        variant="plain"
                        color="soft"
                        minH="44px"
                        onClick={() =>
                            void act(`stations/${here}`, {
                                state: station.state === 'not-needed' ? 'open' : 'not-needed',
                            })
                        }
                    >
                        {station.state === 'not-needed' ? 'it is needed' : 'not needed'}
                    </Button>
                ) : null}
                <Next
                    onClick={sign}
                    disabled={
                        station.state !== 'signed' &&
                        job.page.wants.some(
                            (path) => !path.startsWith('attempts.') && !path.startsWith('castings.'),
                        )
                    }
                >
                    {station.state === 'signed' ? 'Reopen' : job.page.sign_off}
                </Next>
            </BenchStrip>
        </>
    );
}

function Saved({ work }: { work: Work }) {
    const pending = Object.keys(work.waiting).length;
    const wrong = Object.keys(work.errors).length;
    const words = work.lineDown
        ? 'line down: kept here, will be sent'
        : wrong > 0
          ? 'not saved: see the figure marked'
          : pending > 0
            ? 'saving…'
            : 'saved';
    return (
        <Box
            role="status"
            data-testid="saved"
            fontSize="14px"
            color={work.lineDown || wrong > 0 ? 'hot' : 'soft'}
        >
            {words}
        </Box>
    );
}

function Notices({
    work,
    drift,
    catalogue,
}: {
    work: Work;
    drift: { use: string; result: string; signed?: unknown; now?: unknown }[];
    catalogue: Catalogue;
}) {
    const { units } = useUnits();
    const quantity = (use: string, result: string) =>
        catalogue.sheets
            .find((sheet) => sheet.name === (work.job?.answers[use]?.sheet ?? use))
            ?.results.find((one) => one.name === result)?.quantity;
    return (
        <>
            {work.notice ? (
                <Flex
                    role="alert"
                    borderLeftWidth="3px"
                    borderColor="hot"
                    pl={3}
                    my={2}
                    align="center"
                    gap={3}
                >
                    <Box>{work.notice}</Box>
                    <Button variant="plain" color="soft" minH="44px" onClick={() => work.setNotice(null)}>
                        close
                    </Button>
                </Flex>
            ) : null}
            {work.clashes.length > 0 ? (
                <Box role="alert" borderLeftWidth="3px" borderColor="brass" pl={3} my={2} data-testid="clash">
                    <Box fontWeight="600">Changed on another screen meanwhile</Box>
                    {work.clashes.map((clash) => (
                        <Box key={clash.path}>
                            {pathWords(clash.path)}: yours is {typedOf(clash.to)}, there it is now{' '}
                            {typedOf(clash.present)}
                        </Box>
                    ))}
                    <Flex gap={2} mt={1}>
                        <Button
                            bg="verdigris"
                            color="onVerdigris"
                            minH="44px"
                            onClick={() => work.settle(true)}
                        >
                            Keep mine
                        </Button>
                        <Button
                            variant="outline"
                            borderColor="rule"
                            color="ink"
                            minH="44px"
                            onClick={() => work.settle(false)}
                        >
                            Take theirs
                        </Button>
                    </Flex>
                </Box>
            ) : null}
            {drift.length > 0 ? (
                <Box borderLeftWidth="3px" borderColor="brass" pl={3} my={2} data-testid="drift">
                    <Box fontWeight="600">Something before this changed since it was signed off</Box>
                    {drift.slice(0, 4).map((one) => (
                        <Box key={one.use + one.result} fontSize="14.5px">
                            {one.result.replaceAll('_', ' ')}: signed at{' '}
                            {say(one.signed, quantity(one.use, one.result), units).figure}, now{' '}
                            {say(one.now, quantity(one.use, one.result), units).figure}
                        </Box>
                    ))}
                    {drift.length > 4 ? (
                        <Box fontSize="14px" color="soft">
                            and {drift.length - 4} more
                        </Box>
                    ) : null}
                </Box>
            ) : null}
        </>
    );
}

function typedOf(value: unknown): string {
    return value === null || value === undefined
        ? 'empty'
        : typeof value === 'object' && 'typed' in value
          ? String((value as { typed: unknown }).typed)
          : String(value);
}

/** Where nothing can be drawn yet: what is still to be said, to be said here. */
function Wanted({ wants, work, catalogue }: { wants: string[]; work: Work; catalogue: Catalogue }) {
    return (
        <Box py={10} textAlign="center" data-testid="wanted">
            <Box fontSize="18px" mb={4}>
                {wants.length > 0
                    ? 'To draw this, say first:'
                    : 'There is something to put right before this can be drawn.'}
            </Box>
            <Flex gap={3} wrap="wrap" justify="center">
                {wants.map((path) => (
                    <Decision
                        key={path}
                        path={path}
                        label={catalogue.decisions[path]?.meaning}
                        work={work}
                        catalogue={catalogue}
                    />
                ))}
            </Flex>
            <Box mt={4}>
                {Object.entries(work.job?.errors ?? {}).map(([path, messages]) => (
                    <Box key={path} color="hot" role="alert">
                        {pathWords(path)}: {messages.join(' ')}
                    </Box>
                ))}
            </Box>
        </Box>
    );
}
