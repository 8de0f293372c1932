import { Box, Flex } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { get, Refusal } from '../../api/client';
import type { Schemas } from '../../api/types';
import { Fetching } from '../../bench/Fetching';
import { HeatRun, type Take } from '../../rehearse/HeatRun';
import { NotHere } from '../../shell/NotHere';
import { useTitle } from '../../shell/useTitle';

/** One lesson, or a heat of a job, at the torch. */
export default function HeatPage() {
    const { lesson = '' } = useParams();
    const query = useQuery({
        queryKey: ['lesson', lesson],
        queryFn: () => get<Schemas['HeatLesson']>(`lessons/${lesson}`),
    });
    const [take, setTake] = useState<Take & { number: number }>({
        number: 0,
        script: null,
        words: '',
        torch: null,
    });
    useTitle(query.data ? query.data.title : 'Rehearse');
    if (query.error instanceof Refusal)
        return <NotHere title="There is no such rehearsal" words={query.error.message} />;
    if (!query.data) return <Fetching words="Laying the piece on the block…" query={query} />;
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
            <HeatRun
                key={take.number}
                lesson={data}
                take={take}
                onTake={(next) => setTake((now) => ({ ...next, number: now.number + 1 }))}
            />
        </Box>
    );
}
