import { moment } from '../../bench/units';
import { Label } from '../Label';
import { decision, Head, Piece, Rows, useSaid, type Printed } from '../parts';

export function JobCard({ job }: Printed) {
    const said = useSaid(job);
    const typed = (path: string) => decision(job, path)?.typed;
    const sizes: [string, string, string, string][] = [
        [
            'inside / bore',
            said('size.fit', 'inner_diameter', 'length'),
            said('wax.dimensions', 'bore', 'length'),
            said('wax.dimensions', 'bore_as_cast', 'length'),
        ],
        [
            'width at top',
            typed('form.width_top') ?? '',
            said('wax.dimensions', 'width', 'length'),
            said('wax.dimensions', 'width_as_cast', 'length'),
        ],
        [
            'thickness at top',
            typed('form.thickness_top') ?? '',
            said('wax.dimensions', 'thickness', 'length'),
            said('wax.dimensions', 'thickness_as_cast', 'length'),
        ],
        [
            'thickness at base',
            typed('form.thickness_base') ?? typed('form.thickness_top') ?? '',
            said('wax.dimensions', 'thickness_base', 'length'),
            said('wax.dimensions', 'thickness_base_as_cast', 'length'),
        ],
    ];
    return (
        <>
            <Head job={job} title="Job card" />
            <Piece job={job} />
            <h2>The commission</h2>
            <Rows
                rows={[
                    ['finger', typed('brief.finger')],
                    ['finger at its base', typed('brief.finger_base')],
                    ['to make', said('size.fit', 'mark', 'text')],
                    ['what the client wants', typed('brief.note')],
                    ['client’s stones', typed('brief.client_stones')],
                    ['client’s metal', typed('brief.client_metal')],
                    ['budget', typed('brief.budget')],
                    ['section', typed('form.profile')],
                    ['mass finished', said('form.band', 'mass', 'mass')],
                ]}
            />
            {job.answers['wax.dimensions'] ? (
                <>
                    <h2>Sizes, mm</h2>
                    <table>
                        <thead>
                            <tr>
                                <th />
                                <th>finished</th>
                                <th>wax</th>
                                <th>casting</th>
                            </tr>
                        </thead>
                        <tbody>
                            {sizes.map(([label, ...figures]) => (
                                <tr key={label}>
                                    <td>{label}</td>
                                    {figures.map((figure, index) => (
                                        <td key={index}>
                                            <b>{figure}</b>
                                        </td>
                                    ))}
                                </tr>
                            ))}
                        </tbody>
                    </table>
                </>
            ) : null}
            <h2>Stations</h2>
            <table>
                <tbody>
                    {job.stations.map((station) => (
                        <tr key={station.name}>
                            <td>{station.label}</td>
                            <td>{station.state}</td>
                            <td>
                                {station.by ?? ''} {station.at ? moment(station.at.slice(0, 10)) : ''}
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
            <Label job={job}>
                <div>{typed('brief.client_stones')}</div>
                <div>
                    finger {said('size.fit', 'inner_diameter', 'length')} · wax{' '}
                    {said('wax.dimensions', 'bore', 'length')} · casting{' '}
                    {said('wax.dimensions', 'bore_as_cast', 'length')}
                </div>
            </Label>
        </>
    );
}
