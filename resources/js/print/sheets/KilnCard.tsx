import { Drawing } from '../../drawing/Drawing';
import { Programme } from '../../job/Tables';
import { Head, OnPaper, Rows, useSaid, type Printed } from '../parts';

export function KilnCard({ job }: Printed) {
    const said = useSaid(job);
    const curve = job.page.views.find((view) => view.name === 'kiln');
    return (
        <>
            <Head job={job} title="Kiln card" />
            <h2>Switch on {said('burnout.programme', 'start_at', 'moment')}</h2>
            {curve ? (
                <Drawing
                    view={curve}
                    height={300}
                    box={(dimension) => <OnPaper job={job} view={curve} dimension={dimension} />}
                />
            ) : (
                <p>The programme is not known yet.</p>
            )}
            <Programme job={job} />
            <Rows
                rows={[
                    ['flask', said('flask.choose', 'flask', 'text')],
                    ['programme', said('burnout.programme', 'school', 'text')],
                    ['switch-on to pour', said('burnout.programme', 'total_min', 'minutes')],
                    ['flask at the pour', said('burnout.programme', 'flask_temperature', 'temperature')],
                ]}
            />
            <p>
                Never above {said('burnout.programme', 'gypsum_limit', 'temperature') ?? '732 °C'}. Wax out
                with the sprue hole down. Ventilate; do not open the kiln on wax vapour.
            </p>
        </>
    );
}
