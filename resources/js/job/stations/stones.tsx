import { Tray } from '../../bench/Tray';
import { SettingBoard } from '../SettingBoard';
import { SettingTabs } from '../SettingTabs';
import { PriceLine } from '../PriceLine';
import { Readings } from '../Readings';
import { Composer, Stands, Tools } from '../StoneParts';
import { SolidLook } from '../../solid/SolidLook';
import type { StationPage, StationProps } from './StationPage';

export const stones: StationPage = {
    Above: ({ work }: StationProps) => (
        <>
            <PriceLine work={work} />
            <SettingTabs work={work} />
        </>
    ),
    Under: ({ work }: StationProps) => <SolidLook work={work} />,
    Below: ({ work, catalogue, job }: StationProps) => (
        <>
            <SettingBoard work={work} catalogue={catalogue} />
            <Readings
                group="stones"
                title="Stones of this piece"
                again="another stone"
                work={work}
                catalogue={catalogue}
            />
            <Composer work={work} catalogue={catalogue} />
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
    isElsewhere: (path) => path.startsWith('stones.after_'),
    printed: 'stones',
};
