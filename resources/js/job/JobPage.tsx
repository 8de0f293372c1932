import { Box, Flex } from '@chakra-ui/react';
import { useCallback, useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import type { Catalogue, Job, StationName } from '../api/types';
import { Tray } from '../bench/Tray';
import { stationWords, useCatalogue } from '../shell/catalogue';
import { NotHere } from '../shell/NotHere';
import { useTitle } from '../shell/useTitle';
import { useWide } from '../shell/useWide';
import { StationNav } from '../shell/StationNav';
import { answerOf } from './answers';
import { CautionsOnce } from './CautionsOnce';
import { DecisionRail } from './DecisionRail';
import { Findings } from './Findings';
import { FromTheFoot } from './FromTheFoot';
import { History } from './History';
import { instruments, wanted } from './instruments';
import { JobHead } from './JobHead';
import { JobMenu } from './JobMenu';
import { NewStops } from './NewStops';
import { Notices } from './Notices';
import { StationDrawings } from './StationDrawings';
import { StationFoot } from './StationFoot';
import { STATIONS } from './stations';
import type { StationProps } from './stations/StationPage';
import { isSkipped, Tour } from './Tour';
import { useJob, type Work } from './useJob';
import { useJobKeys } from './useJobKeys';
import { Wanted } from './Wanted';
import { WorkingCard, type InHand } from './working';
import { StationHelp } from './StationHelp';
import { Act } from '../bench/Act';
import { isDrawn } from './usePull';

/** Each job has a page of its own: nothing of one is carried into another. */
export function JobPage() {
    const { number } = useParams();
    return <OneJob key={number} number={Number(number)} />;
}

function OneJob({ number }: { number: number }) {
    const { station } = useParams();
    const catalogue = useCatalogue();
    const [search, setSearch] = useSearchParams();
    const takeSetting = useCallback(
        (key: string) => setSearch({ setting: key }, { replace: true }),
        [setSearch],
    );
    const work = useJob(
        number,
        station as StationName | undefined,
        search.get('setting') ?? undefined,
        takeSetting,
    );
    const [history, setHistory] = useState(false);
    const turnHistory = useCallback(() => setHistory((now) => !now), []);
    const { undo, redo, job } = work;
    const at = job && stationWords(catalogue, job.page.station);
    const called = (job?.document.decisions as Record<string, { typed: string }> | undefined)?.[
        'brief.title'
    ];
    useTitle(job ? `${at} · ${job.number} ${called?.typed ?? ''}`.trim() : undefined);
    useJobKeys(number, job?.page.station, job?.stations, { undo, redo, turnHistory });
    if (work.failed && !job) return <NotHere title={`Job ${number}`} words={work.failed.message} />;
    if (!job || !catalogue)
        return (
            <Box p={8} color="soft">
                Fetching the job…
            </Box>
        );
    return <AtStation {...{ work, job, catalogue, history, setHistory }} />;
}

/** The page of one station: its drawing, its instruments, and what is said of them. */
function AtStation({
    work,
    job,
    catalogue,
    history,
    setHistory,
}: {
    work: Work;
    job: Job;
    catalogue: Catalogue;
    history: boolean;
    setHistory: (open: boolean) => void;
}) {
    const here = job.page.station;
    const page = STATIONS[here];
    const station = job.stations.find((one) => one.name === here)!;
    const [held, setHeld] = useState<{ station: string; inHand: InHand } | null>(null);
    const [typing, setTyping] = useState<string[] | null>(null);
    const [help, setHelp] = useState(false);
    const first = job.page.strip.find((figure) => figure.value !== null);
    const usual: InHand | null = first ? { use: first.use, kind: 'result', name: first.result } : null;
    const inHand = held?.station === here ? held.inHand : usual;
    const setInHand = (next: InHand) => setHeld({ station: here, inHand: next });
    // While something is pulled farther than can be drawn, the last shape stays in hand.
    const views = isDrawn(job) ? job.page.views : (work.pulling.views ?? job.page.views);
    const drawn = views.some((view) => view.role === 'main');
    const wants = wanted(job, catalogue, typing ?? []);
    const isSilent = page.isBare && wants.length === 0 && Object.keys(job.errors).length === 0;
    const mine = instruments(job, catalogue);
    const props: StationProps = { work, catalogue, job, drawn };
    const isWide = useWide();
    const [tour, setTour] = useState(false);
    const findings = (
        <>
            <Findings
                findings={job.page.findings}
                catalogue={catalogue}
                onFix={(fixes) => fixes.forEach((fix) => work.edit(fix.path, fix.value))}
                onOverride={({ use, code, about, value }, reason) =>
                    void work.act('overrides', { use, code, about, value, reason })
                }
            />
            <CautionsOnce work={work} />
        </>
    );
    const working = inHand ? (
        <WorkingCard
            inHand={inHand}
            answer={answerOf(job, inHand.use)}
            inputs={job.inputs[inHand.use]}
            catalogue={catalogue}
        />
    ) : null;
    return (
        <>
            <Flex flex="1" px={5} gap={4} direction={{ base: 'column', lg: 'row' }} as="main">
                <StationNav
                    stations={job.stations}
                    here={here}
                    number={job.number}
                    quoted={job.quoted ?? 'none'}
                />
                <Box flex="1" minW={0} pt={2} pb={4}>
                    <JobHead work={work} />
                    <Notices work={work} drift={station.drift} catalogue={catalogue} />
                    {page.Above ? <page.Above {...props} /> : null}
                    {drawn && typing === null ? (
                        <StationDrawings {...{ work, catalogue, views, inHand, setInHand }} />
                    ) : isSilent ? null : (
                        <Wanted wants={wants} work={work} catalogue={catalogue} onTyping={setTyping} />
                    )}
                    {isWide ? null : (
                        <Box display="grid" gap={4} my={3}>
                            {findings}
                        </Box>
                    )}
                    {page.Under ? <page.Under {...props} /> : null}
                    {page.hasNoRail?.(job) ? null : (
                        <DecisionRail
                            paths={drawn ? mine : mine.filter((path) => !wants.includes(path))}
                            work={work}
                            catalogue={catalogue}
                        />
                    )}
                    {page.Below ? <page.Below {...props} /> : null}
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
                    <Flex gap={2} wrap="wrap">
                        <JobMenu work={work} onHistory={() => setHistory(true)} />
                        <Act kind="quiet" aria-expanded={help} onClick={() => setHelp(!help)}>
                            how {station.label} works
                        </Act>
                        {isSkipped() ? null : (
                            <Act kind="quiet" onClick={() => setTour(true)}>
                                show me round
                            </Act>
                        )}
                    </Flex>
                    {help ? <StationHelp station={here} onClose={() => setHelp(false)} /> : null}
                    {history ? (
                        <History number={job.number} work={work} onClose={() => setHistory(false)} />
                    ) : null}
                    {isWide ? findings : null}
                    {isWide ? working : null}
                    {page.Beside ? <page.Beside {...props} /> : null}
                    {page.hasScales ? (
                        <>
                            <Tray device="balance" />
                            <Tray device="caliper" />
                        </>
                    ) : null}
                </Box>
            </Flex>
            <StationFoot work={work} station={station} onTap={setInHand} />
            {!isWide && held?.station === here && working ? (
                <FromTheFoot onClose={() => setHeld(null)}>{working}</FromTheFoot>
            ) : null}
            <NewStops findings={job.page.findings} station={`${job.number} ${here}`} />
            {tour ? <Tour onEnd={() => setTour(false)} /> : null}
        </>
    );
}
