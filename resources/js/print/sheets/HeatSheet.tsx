import { Drawing } from '../../drawing/Drawing';
import { degrees, type Heat } from '../../job/bench/HeatList';
import { ToWrite } from '../ToWrite';
import { Head, Rows, type Printed } from '../parts';

/** The heats in order, to lie beside the torch. */
export function HeatSheet({ job }: Printed) {
    const heats = (job.answers['join.plan']?.results.heats?.value ?? []) as Heat[];
    const stones = (job.answers['join.plan']?.results.stones?.value ?? []) as {
        stone: string;
        when: string;
        why: string;
    }[];
    const map = job.page.views.find((view) => view.name === 'joints');
    return (
        <>
            <Head job={job} title="Heats, hardest first" />
            {map ? <Drawing view={{ ...map, dimensions: [] }} height={300} box={() => null} /> : null}
            {heats.length === 0 ? <p>There is no plan yet.</p> : null}
            {stones.length > 0 ? (
                <Rows rows={stones.map((one) => [one.stone, `${one.when}: ${one.why}`])} />
            ) : null}
            <table>
                <tbody>
                    {heats.map((heat) => (
                        <tr key={heat.number}>
                            <td style={{ width: '8mm', fontSize: '14pt' }}>{heat.number}</td>
                            <td>
                                <b>{heat.joints.join(' + ')}</b>: {heat.label} ({heat.mark}),{' '}
                                <b>{degrees(heat.flow_c)}</b>
                                <br />
                                flame on {heat.flame_on}, {heat.from}
                                {heat.guard.length > 0 ? (
                                    <>
                                        <br />
                                        guard {heat.guard.join(', ')}
                                    </>
                                ) : null}
                                <br />
                                {heat.chips === null ? heat.form : `${heat.chips} ${heat.form}s`}; coat:{' '}
                                {heat.coat}; then {heat.pickle}
                            </td>
                            <td style={{ width: '8mm' }}>☐</td>
                            <td style={{ width: '52mm' }}>
                                <ToWrite lines={['chips used', 'what it did']} />
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </>
    );
}
