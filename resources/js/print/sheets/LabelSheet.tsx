import { say, useUnits } from '../../bench/units';
import { Label } from '../Label';
import { decision, useSaid, type Printed, type Stone } from '../parts';

/** Labels to be cut out: one for the job's envelope, one for each stone's paper. */
export function LabelSheet({ job }: Printed) {
    const said = useSaid(job);
    const { units } = useUnits();
    const stones = job.document.stones as unknown as Stone[];
    const across = (stone: Stone) =>
        [stone.length, stone.width]
            .flatMap((one) => (one ? [`${say(one.value, 'length', units).figure}`] : []))
            .join(' × ');
    return (
        <div className="labels">
            <Label job={job}>
                <div>{decision(job, 'brief.client_stones')?.typed}</div>
                <div>
                    finger {said('size.fit', 'inner_diameter', 'length')} · wax{' '}
                    {said('wax.dimensions', 'bore', 'length')} · casting{' '}
                    {said('wax.dimensions', 'bore_as_cast', 'length')}
                </div>
            </Label>
            {stones.map((stone, at) => (
                <Label key={at} job={job}>
                    <div>
                        {stone.count ? `${stone.count.typed} × ` : ''}
                        {[stone.shape?.typed, stone.species?.typed.replaceAll('-', ' ')]
                            .filter(Boolean)
                            .join(' ')}
                    </div>
                    <div>
                        {across(stone)} {across(stone) ? say(1, 'length', units).unit : ''}
                        {stone.owner?.typed === 'client' ? ' · the client’s' : ''}
                    </div>
                    <div>{stone.place?.typed}</div>
                </Label>
            ))}
        </div>
    );
}
