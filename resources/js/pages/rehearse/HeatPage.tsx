import { Box, Flex } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { get, Refusal } from '../../api/client';
import type { Schemas } from '../../api/types';
import { Fetching } from '../../bench/Fetching';
import { HeatRun, scriptOf, type Take } from '../../rehearse/HeatRun';
import type { Laid } from '../../rehearse/SetUp';
import { NotHere } from '../../shell/NotHere';
import { useTitle } from '../../shell/useTitle';

type Rehearsed = Schemas['Rehearsed'];

/** One lesson, or a heat of a job, at the torch; or one of the record, played as it was. */
export default function HeatPage() {
    const { lesson = '' } = useParams();
    const [asked] = useSearchParams();
    const play = /^\d+$/.test(asked.get('play') ?? '') ? asked.get('play') : null;
    const [laid, setLaid] = useState<Laid>({ support: null, isBare: false });
    const query = useQuery({
        queryKey: ['lesson', lesson, laid],
        queryFn: () => get<Schemas['HeatLesson']>(`lessons/${lesson}?${asQuery(laid)}`),
        placeholderData: (before) => (before?.key === lesson ? before : undefined),
    });
    const before = useQuery({
        queryKey: ['rehearsal', play],
        queryFn: () => get<Rehearsed>(`rehearsals/${play}`),
        enabled: play !== null,
    });
    useTitle(query.data ? query.data.title : 'Rehearse');
    const refused = [query.error, before.error].find((error) => error instanceof Refusal);
    if (refused) return <NotHere title="There is no such rehearsal" words={refused.message} />;
    if (!query.data) return <Fetching words="Laying the piece on the block…" query={query} />;
    if (play && !before.data) return <Fetching words="Looking up how it went…" query={before} />;
    const { data } = query;
    return (
        <Box as="main" px={{ base: 3, md: 5 }} py={3} w="full" maxW="1240px" mx="auto">
            <Flex align="baseline" gap={4} wrap="wrap">
                <Box as="h1" fontSize="22px" fontWeight="600">
                    {data.title}
                </Box>
                <Box flex="1" minW="200px">
                    {data.teaches}
                </Box>
                {data.job ? (
                    <Link className="way-on" to={`/jobs/${data.job}/join`}>
                        back to Join
                    </Link>
                ) : null}
                <Link className="way-on" to="/rehearse">
                    all lessons
                </Link>
            </Flex>
            <Takes
                key={`${lesson}${play ?? ''}`}
                lesson={data}
                done={before.data ?? null}
                onLay={(next) => setLaid({ ...laid, ...next })}
            />
        </Box>
    );
}

/** One go after another, with the torch and pace in hand. What is played of the record lies there as it lay then. */
function Takes({
    lesson,
    done,
    onLay,
}: {
    lesson: Schemas['HeatLesson'];
    done: Rehearsed | null;
    onLay: (laid: Partial<Laid>) => void;
}) {
    const heat = done?.heat ?? null;
    const [take, setTake] = useState<Take & { number: number }>({
        number: 0,
        script: done && heat ? scriptOf(done) : null,
        words: heat ? 'As it was' : '',
        torch: heat?.torch ?? null,
    });
    const [pace, setPace] = useState('1');
    const piece = heat && take.number === 0 ? { ...lesson, ...pieceOf(heat) } : lesson;
    return (
        <HeatRun
            key={`${take.number}${lesson.support}${lesson.bare}`}
            lesson={piece}
            take={take}
            pace={pace}
            onLay={onLay}
            onPace={setPace}
            onTorch={(torch) => setTake({ ...take, torch })}
            onTake={(next) => setTake((now) => ({ ...next, number: now.number + 1 }))}
        />
    );
}

function asQuery({ support, isBare }: Laid) {
    return new URLSearchParams({ ...(support ? { support } : {}), bare: isBare ? '1' : '0' }).toString();
}

function pieceOf({ nodes, links, contacts, outlines, support }: NonNullable<Rehearsed['heat']>) {
    return { nodes, links, contacts, outlines, support };
}
