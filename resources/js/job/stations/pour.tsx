import { useNavigate } from 'react-router';
import { Act } from '../../bench/Act';
import { Trim } from '../../metal/Trim';
import { ChargeLots } from '../ChargeLots';
import { PourChecklist } from '../PourChecklist';
import { Readings } from '../Readings';
import type { StationPage, StationProps } from './StationPage';

export const pour: StationPage = {
    Below: (props: StationProps) => (
        <>
            <PourChecklist job={props.job} />
            <ChargeLots work={props.work} />
            <Trim work={props.work} />
            <CastAgain {...props} />
            <Readings
                group="castings"
                title="Casting, weighed and measured"
                again="cast again"
                work={props.work}
                catalogue={props.catalogue}
            />
        </>
    ),
    hasScales: true,
    printed: 'casting',
};

/** A casting that is to be made once more goes back to the wax. */
function CastAgain({ work, job }: StationProps) {
    const go = useNavigate();
    const castings = job.document.castings as { verdict?: { value: string } }[];
    if (!castings.some((casting) => casting.verdict?.value === 'cast-again')) return null;
    return (
        <Act
            kind="offer"
            minH="46px"
            onClick={() =>
                void work.act('stations/wax', { state: 'reopened' }).then(() => go(`/jobs/${job.number}/wax`))
            }
        >
            Cast again: back to the wax
        </Act>
    );
}
