import { useState, type ReactNode } from 'react';
import type { Dimension, Job, Kept, View } from '../api/types';
import { moment, say, useUnits } from '../bench/units';
import { Letterhead } from './Letterhead';
import { answerOf } from '../job/answers';

export interface Printed {
    job: Job;
}

/** A stone as a job holds it. */
export interface Stone {
    name?: Kept;
    species?: Kept;
    shape?: Kept;
    width?: Kept;
    length?: Kept;
    count?: Kept;
    weighed_carats?: Kept;
    owner?: Kept;
    place?: Kept;
}

export const decision = (job: Job, path: string) => (job.document.decisions as Record<string, Kept>)[path];

/** Figures as they are said on paper. */
export function useSaid(job: Job) {
    const { units } = useUnits();
    return (use: string, result: string, quantity: string) => {
        const said = say(answerOf(job, use)?.results[result]?.value, quantity, units);
        return `${said.figure} ${said.unit}`.trim();
    };
}

/** What every sheet is headed with. */
export function Head({ job, title }: { job: Job; title: string }) {
    return (
        <>
            <Letterhead />
            <h1>
                {job.number} · {decision(job, 'brief.title')?.typed ?? 'untitled'}
            </h1>
            <div>
                {title} · {job.client?.name ?? 'no client'}
                {decision(job, 'brief.due') ? ` · due ${moment(decision(job, 'brief.due')!.typed)}` : ''}
                {decision(job, 'brief.alloy')
                    ? ` · ${decision(job, 'brief.alloy')!.typed.replaceAll('-', ' ')}`
                    : ''}
            </div>
        </>
    );
}

/** Lines of what is known. */
export function Rows({ rows }: { rows: [string, ReactNode][] }) {
    return (
        <table>
            <tbody>
                {rows
                    .filter(([, value]) => value !== undefined && value !== '' && value !== '–')
                    .map(([label, value]) => (
                        <tr key={label}>
                            <td style={{ width: '45%' }}>{label}</td>
                            <td>
                                <b>{value}</b>
                            </td>
                        </tr>
                    ))}
            </tbody>
        </table>
    );
}

/** A dimension as a word on paper. */
export function OnPaper({ job, view, dimension }: { job: Job; view: View; dimension: Dimension }) {
    const { units } = useUnits();
    const value =
        dimension.kind === 'input'
            ? job.inputs[view.use]?.[dimension.name]?.value
            : answerOf(job, view.use)?.results[dimension.name]?.value;
    const temperature = dimension.name.includes('temperature');
    const said = say(
        value,
        temperature ? 'temperature' : typeof value === 'number' ? 'length' : 'moment',
        units,
    );
    return (
        <div
            style={{
                background: '#fff',
                padding: '0 1mm',
                fontSize: '9.5pt',
                textAlign: 'center',
                whiteSpace: 'nowrap',
            }}
        >
            <b>
                {said.figure} {said.unit}
            </b>
            <br />
            {dimension.label}
        </div>
    );
}

/** A drawing at life size, without its boxes. */
export const plain = (view: View): View => ({ ...view, magnify: 1, dimensions: [] });

/** What shows whether the printer kept to life size. */
export function CheckBar() {
    return (
        <>
            <svg
                className="check-bar"
                width="56mm"
                height="12mm"
                viewBox="-3 0 56 12"
                style={{ marginTop: '5mm', display: 'block' }}
                role="img"
                aria-label="50 mm check bar"
            >
                <rect data-bar x="0" y="1" width="50" height="3" fill="#000" />
                {[0, 10, 20, 30, 40, 50].map((mm) => (
                    <g key={mm}>
                        <line x1={mm} x2={mm} y1="1" y2="6" stroke="#000" strokeWidth="0.2" />
                        <text x={mm} y="10" textAnchor="middle">
                            {mm}
                        </text>
                    </g>
                ))}
            </svg>
            <div>This bar is 50 mm long. If it is not, print again at 100 %.</div>
        </>
    );
}

/** The finished piece as it looks, from its decisions; nothing where there is none yet. */
export function Piece({ job }: Printed) {
    const [gone, setGone] = useState(false);
    if (gone || !job.answers['form.band']) return null;
    return (
        <img
            className="piece"
            src={`/api/jobs/${job.number}/solid/finished.png?${job.version}`}
            alt="the piece, finished"
            width={240}
            height={180}
            onError={() => setGone(true)}
        />
    );
}
