import { JobMetal } from '../../metal/JobMetal';
import { SettingCuts } from '../bench/SettingCuts';
import { FormParts, isByHand } from '../bench/FormParts';
import { PriceLine } from '../PriceLine';
import { Masses } from '../Tables';
import { SolidLook } from '../../solid/SolidLook';
import { decidedAt, type StationPage, type StationProps } from './StationPage';

export const form: StationPage = {
    Above: ({ work }: StationProps) => <PriceLine work={work} />,
    Under: ({ work }: StationProps) => <SolidLook work={work} />,
    Below: ({ work, catalogue, job }: StationProps) =>
        decidedAt(job, 'brief.kind') === 'fabricated' ? (
            <>
                <SettingCuts job={job} />
                <FormParts work={work} catalogue={catalogue} />
                <JobMetal work={work} />
            </>
        ) : (
            <>
                <SettingCuts job={job} />
                {job.answers['settings.cut'] ? <JobMetal work={work} /> : null}
            </>
        ),
    Beside: ({ job }: StationProps) => (
        <Masses
            masses={job.answers['form.band']?.results.masses?.value}
            own={decidedAt(job, 'brief.alloy')}
        />
    ),
    isElsewhere: isByHand,
};
