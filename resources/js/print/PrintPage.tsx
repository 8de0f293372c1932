import { Box, Button, Flex } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { useNavigate, useParams } from 'react-router';
import { get } from '../api/client';
import type { Bench, Job } from '../api/types';
import { NotHere } from '../shell/NotHere';
import { useTitle } from '../shell/useTitle';
import { setZone } from '../shell/zone';
import { SHEETS } from './sheets';
import './print.css';

/** A clean A4 page of a job, drawn from the same primitives as the screen. */
export default function PrintPage() {
    const { number, what = 'card' } = useParams();
    const go = useNavigate();
    const sheet = SHEETS[what];
    const { data: job, error } = useQuery({
        queryKey: ['print', number, what],
        queryFn: () => get<Job>(`jobs/${number}?station=${sheet?.station ?? 'brief'}`),
    });
    const { data: bench } = useQuery({ queryKey: ['bench'], queryFn: () => get<Bench>('bench') });
    useTitle(job && sheet ? `Job ${number}, ${what}` : undefined);
    if (error && !job) return <NotHere title={`Job ${number}`} words={error.message} />;
    if (!sheet)
        return <NotHere title="There is no such sheet" words={`No sheet of paper is called “${what}”.`} />;
    if (!job || !bench) return null;
    setZone(bench.zone);
    return (
        <Box bg="white" minH="100vh" px={4} data-ready={what} className="light">
            <Flex className="no-print" gap={3} py={3} justify="center" align="center">
                <Button bg="#1f5f54" color="white" minH="48px" px={6} onClick={() => window.print()}>
                    Print
                </Button>
                <Button variant="plain" color="#444" minH="48px" onClick={() => void go(-1)}>
                    back
                </Button>
                {sheet?.advice ? <Box color="#444">{sheet.advice}</Box> : null}
            </Flex>
            <Box className="sheet-of-paper">
                <sheet.Page job={job} />
            </Box>
        </Box>
    );
}
