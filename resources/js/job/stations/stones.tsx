import { Tray } from '../../bench/Tray';
import { Readings } from '../Readings';
import { Composer, Stands, Tools } from '../StoneParts';
import type { StationPage, StationProps } from './StationPage';

export const stones: StationPage = {
    Below: ({ work, catalogue, job, drawn }: StationProps) => (
        <>
            {drawn ? <Composer work={work} catalogue={catalogue} /> : null}
            <Readings
                group="stones"
                title="Stones of this piece"
                again="another stone"
                work={work}
                catalogue={catalogue}
            />
            <Tools job={job} />
        </>
    ),
    Beside: ({ job }: StationProps) => (
        <>
            <Tray device="caliper" />
            <Stands job={job} />
        </>
    ),
    // These stand among the composers, below.
    isElsewhere: (path) => /^stones\.(halo|row|after)_/.test(path),
    printed: 'stones',
};
