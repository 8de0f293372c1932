import { Box, Flex } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { lazy, Suspense, useState } from 'react';
import { post } from '../api/client';
import { useRested } from '../bench/useRested';
import { Act } from '../bench/Act';
import { Refused } from '../bench/Refused';
import type { Work } from '../job/useJob';
import type { Solid, Stage } from './parts';
import { SolidView } from './SolidView';

const OneSolid = lazy(() => import('./OneSolid'));

const LABELS: Record<Stage, string> = {
    finished: 'finished',
    cast: 'as cast',
    wax: 'in wax',
    blank: 'in its blank',
    tree: 'on its tree',
};

/** A hand that rests so long wants to see. */
const RESTS = 120;

/** The ring in the hand, beside the drawing: what the stations decided, turned and looked at. Opened when asked for. */
export function SolidLook({
    work,
    stages = ['finished', 'cast', 'wax'],
}: {
    work: Work;
    /** What is looked at here; the first at once. */
    stages?: [Stage, ...Stage[]];
}) {
    const [open, setOpen] = useState(false);
    const [stage, setStage] = useState(stages[0]);
    return (
        <Box as="section" my={3} aria-label="The piece in the hand">
            <Act kind="turn" aria-expanded={open} onClick={() => setOpen(!open)}>
                {open ? 'Put it down' : 'Turn it in the hand'}
            </Act>
            {open ? (
                <>
                    <Flex gap={2} wrap="wrap" mt={2} role="group" aria-label="At which stage">
                        {stages.map((one) => (
                            <Act
                                key={one}
                                kind={one === stage ? 'line' : 'quiet'}
                                aria-pressed={one === stage}
                                onClick={() => setStage(one)}
                            >
                                {LABELS[one]}
                            </Act>
                        ))}
                    </Flex>
                    <Shown work={work} stage={stage} />
                </>
            ) : null}
        </Box>
    );
}

function Shown({ work, stage }: { work: Work; stage: Stage }) {
    const [thin, setThin] = useState<{ of: string; spots: Float32Array } | null>(null);
    const { job } = work;
    const asked = JSON.stringify(
        Object.entries(work.waiting).map(([path, edit]) => ({ path, from: edit.from, to: edit.to })),
    );
    const rested = useRested(asked, RESTS);
    const query = useQuery({
        queryKey: ['solid', job?.number, job?.version, stage, rested],
        queryFn: () =>
            post<Solid>(`jobs/${job!.number}/solid`, { stage, changes: JSON.parse(rested) as unknown }),
        enabled: job !== undefined,
        placeholderData: (before) => before,
        retry: false,
        gcTime: 60_000,
    });
    const solid = query.data;
    if (!job || !solid) return query.error ? <Refused error={query.error} /> : <Box h="404px" mt={2} />;
    if (solid.parts.length === 0) return <Box py={3}>{solid.told}</Box>;
    const looked = `${stage} ${job.version} ${rested}`;
    const file = (kind: string) => `/api/jobs/${job.number}/solid/${stage}.${kind}`;
    return (
        <>
            <SolidView
                solid={solid}
                // What was thin is told of the piece that was looked at, and no other.
                spots={thin?.of === looked ? thin.spots : undefined}
                still={file('png')}
            />
            <Flex gap={4} align="center" wrap="wrap">
                <a className="way-on" href={file('stl')} download>
                    STL
                </a>
                <a className="way-on" href={file('3mf')} download>
                    3MF, part by part
                </a>
                <Suspense fallback={null}>
                    <OneSolid
                        key={`${stage} ${job.version}`}
                        number={job.number}
                        stage={stage}
                        onThin={({ spots }) => setThin({ of: looked, spots })}
                    />
                </Suspense>
            </Flex>
        </>
    );
}
