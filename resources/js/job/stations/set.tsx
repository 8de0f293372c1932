import { SetParts } from '../bench/SetParts';
import { DecisionRail } from '../DecisionRail';
import { drawnPaths } from '../instruments';
import { SettingTabs } from '../SettingTabs';
import { SolidLook } from '../../solid/SolidLook';
import type { StationPage, StationProps } from './StationPage';

export const set: StationPage = {
    Above: ({ work }: StationProps) => <SettingTabs work={work} />,
    Under: ({ work }: StationProps) => <SolidLook work={work} />,
    Below: ({ work, catalogue, job }: StationProps) => (
        <>
            {job.page.setting ? (
                <DecisionRail
                    paths={[`settings.${job.page.setting}.pushes`].filter(
                        (path) => !drawnPaths(job).has(path),
                    )}
                    work={work}
                    catalogue={catalogue}
                />
            ) : null}
            <SetParts work={work} />
        </>
    ),
    // Each setting has its own.
    isElsewhere: (path) => path === 'set.count',
    isBare: true,
};
