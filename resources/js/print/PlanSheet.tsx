import { Box, Button, Flex } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { useNavigate, useSearchParams } from 'react-router';
import { get } from '../api/client';
import type { Bench } from '../api/types';
import { Fetching } from '../bench/Fetching';
import { long, mattersOf, placedOf, runsOf, usePlan, type Plan } from '../pages/plan/plan';
import { DAY, at, clock, dayOf, setZone } from '../shell/zone';
import { useTitle } from '../shell/useTitle';
import { Letterhead } from './Letterhead';
import './print.css';

const DAYS = 7;

/** A week of the plan on paper: each person's steps by day, and the burnouts. */
export default function PlanSheet() {
    useTitle('Plan of the week');
    const go = useNavigate();
    const [search] = useSearchParams();
    const { data: bench } = useQuery({ queryKey: ['bench'], queryFn: () => get<Bench>('bench') });
    const query = usePlan();
    if (bench) setZone(bench.zone);
    if (!query.data || !bench) return <Fetching words="Laying out the days…" query={query} />;
    const asked = Date.parse(`${search.get('from') ?? ''}T00:00Z`);
    const from = Number.isNaN(asked) ? Math.floor(at(query.data.now) / DAY) * DAY : asked;
    return (
        <Box bg="white" minH="100vh" px={4} data-ready="plan" className="light" as="main">
            <Flex className="no-print" gap={3} py={3} justify="center" align="center">
                <Button bg="#1f5f54" color="white" minH="48px" px={6} onClick={() => window.print()}>
                    Print
                </Button>
                <Button variant="plain" color="#444" minH="48px" onClick={() => void go(-1)}>
                    back
                </Button>
            </Flex>
            <Box className="sheet-of-paper">
                <Letterhead />
                <h1>
                    The week from {dayOf(from)} {new Date(from).getUTCFullYear()}
                </h1>
                <p>{mattersOf(query.data)}</p>
                <Burnouts plan={query.data} from={from} />
                {query.data.people.map((person) => (
                    <Hands key={person.id} plan={query.data} person={person.id} from={from} />
                ))}
            </Box>
        </Box>
    );
}

function Burnouts({ plan, from }: { plan: Plan; from: number }) {
    const runs = runsOf(plan).filter(
        (run) => at(run.ready_at) > from && at(run.switch_on) < from + DAYS * DAY,
    );
    if (runs.length === 0) return <p>No burnout this week.</p>;
    return (
        <table className="figures wide" aria-label="Burnouts">
            <tbody>
                {runs.map((run) => (
                    <tr key={run.kiln + run.switch_on}>
                        <td>{run.kiln}</td>
                        <td>
                            on {dayOf(at(run.switch_on))} {clock(at(run.switch_on))}
                        </td>
                        <td>
                            pour {dayOf(at(run.ready_at))} {clock(at(run.ready_at))}
                        </td>
                        <td>{run.jobs.join(', ')}</td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}

function Hands({ plan, person, from }: { plan: Plan; person: string; from: number }) {
    const pieces = placedOf(plan)
        .filter((step) => step.by === person && step.resource === 'person')
        .flatMap((step) => step.pieces.map((piece) => ({ step, from: at(piece.from), to: at(piece.to) })))
        .filter((piece) => piece.from >= from && piece.from < from + DAYS * DAY);
    const days = [...new Set(pieces.map((piece) => Math.floor(piece.from / DAY) * DAY))].sort(
        (a, b) => a - b,
    );
    return (
        <section>
            <h2>{person}</h2>
            {days.length === 0 ? <p>Nothing is planned.</p> : null}
            {days.map((day) => (
                <div key={day} style={{ breakInside: 'avoid' }}>
                    <h3>{dayOf(day)}</h3>
                    <table className="figures wide">
                        <tbody>
                            {pieces
                                .filter((piece) => Math.floor(piece.from / DAY) * DAY === day)
                                .map((piece) => (
                                    <tr key={piece.step.job + piece.step.step + piece.from}>
                                        <td>
                                            {clock(piece.from)}–{clock(piece.to)}
                                        </td>
                                        <td>{piece.step.job}</td>
                                        <td>{piece.step.what}</td>
                                        <td>{long((piece.to - piece.from) / 60_000)}</td>
                                    </tr>
                                ))}
                        </tbody>
                    </table>
                </div>
            ))}
        </section>
    );
}
