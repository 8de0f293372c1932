import { decision, Head, Rows, useSaid, type Printed } from '../parts';

export function CastingSheet({ job }: Printed) {
    const said = useSaid(job);
    return (
        <>
            <Head job={job} title="Casting sheet" />
            <h2>The charge</h2>
            <Rows
                rows={[
                    [
                        'method',
                        (decision(job, 'pour.method')?.typed ??
                            job.inputs['metal.charge']?.method?.value) as string,
                    ],
                    ['charge to melt', said('metal.charge', 'charge_mass', 'mass')],
                    ['of it new', said('metal.charge', 'new_share', 'share')],
                    ['button', said('metal.charge', 'button_mass', 'mass')],
                    [
                        'metal between',
                        ['metal_low', 'metal_high']
                            .map((end) => said('pour.temperatures', end, 'temperature'))
                            .join(' and '),
                    ],
                    ['flask at', said('burnout.programme', 'flask_temperature', 'temperature')],
                    ['flask', said('flask.choose', 'flask', 'text')],
                ]}
            />
            <h2>Before the torch is lit</h2>
            <table>
                <tbody>
                    {job.page.cautions.map((caution) => (
                        <tr key={caution}>
                            <td style={{ width: '8mm' }}>☐</td>
                            <td>{caution}</td>
                        </tr>
                    ))}
                </tbody>
            </table>
            <h2>At the torch, in order</h2>
            <table>
                <tbody>
                    {job.page.checklist.map((what) => (
                        <tr key={what}>
                            <td style={{ width: '8mm' }}>☐</td>
                            <td>{what}</td>
                        </tr>
                    ))}
                </tbody>
            </table>
            {job.page.quench ? (
                <p>
                    <b>Quench</b> {job.page.quench}; never with stones in it.
                </p>
            ) : null}
            <h2>After</h2>
            <Rows
                rows={[
                    ['casting should weigh, sprues on', said('metal.charge', 'expected_mass', 'mass')],
                    ['and trimmed', said('metal.charge', 'expected_piece_mass', 'mass')],
                    ['bore should be', said('wax.dimensions', 'bore_as_cast', 'length')],
                    [
                        'casting weighed',
                        said('cast.check', 'off_expected', 'mass') === '–'
                            ? '____________'
                            : `${said('cast.check', 'off_expected', 'mass')} over`,
                    ],
                    ['sprues weighed', '____________'],
                    ['button weighed', '____________'],
                    ['bore measured', '____________'],
                ]}
            />
        </>
    );
}
