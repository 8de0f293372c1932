import { Box, Flex } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { get, Refusal } from '../../api/client';
import type { Schemas } from '../../api/types';
import { Fetching } from '../../bench/Fetching';
import { HeatRun, scriptOf, type Take } from '../../rehearse/HeatRun';
import { NotHere } from '../../shell/NotHere';
import { useTitle } from '../../shell/useTitle';

type Rehearsed = Schemas['Rehearsed'];

/** One lesson, or a heat of a job, at the torch; or one of the record, played as it was. */
export default function HeatPage() {
    const { lesson = '' } = useParams();
    const [asked] = useSearchParams();
    const play = /^\d+$/.test(asked.get('play') ?? '') ? asked.get('play') : null;
    const [support, setSupport] = useState<string | null>(null);
    const query = useQuery({
        queryKey: ['lesson', lesson, support],
        queryFn: () => get<Schemas['HeatLesson']>(`lessons/${lesson}${support ? `?support=${support}` : ''}`),
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
                key={`${lesson}${play ?? ''}${data.support}`}
                lesson={data}
                done={before.data ?? null}
                onLay={setSupport}
            />
        </Box>
    );
}

/** One go after another. What is played of the record lies there as it lay then. */
function Takes({
    lesson,
    done,
    onLay,
}: {
    lesson: Schemas['HeatLesson'];
    done: Rehearsed | null;
    onLay: (support: string) => void;
}) {
    const heat = done?.heat ?? null;
    const [take, setTake] = useState<Take & { number: number }>({
        number: 0,
        script: done && heat ? scriptOf(done) : null,
        words: heat ? 'As it was' : '',
        torch: heat?.torch ?? null,
    });
    const piece = heat && take.number === 0 ? { ...lesson, ...pieceOf(heat) } : lesson;
    return (
        <HeatRun
            key={take.number}
            lesson={piece}
            take={take}
            onLay={onLay}
            onTake={(next) => setTake((now) => ({ ...next, number: now.number + 1 }))}
        />
    );
}

function pieceOf({ nodes, links, contacts, outlines, support }: NonNullable<Rehearsed['heat']>) {
    return { nodes, links, contacts, outlines, support };
}
