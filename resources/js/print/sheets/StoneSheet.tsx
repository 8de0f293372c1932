import { useQueries } from '@tanstack/react-query';
import { Fragment } from 'react';
import { get } from '../../api/client';
import type { Job, View } from '../../api/types';
import { Drawing } from '../../drawing/Drawing';
import { Tools } from '../../job/StoneParts';
import { CheckBar, Head, plain, type Printed } from '../parts';

const SHOWN = ['head', 'row', 'row-other-way'];

/** Every head and row at life size, with the tools that the seats want. */
export function StoneSheet({ job }: Printed) {
    // What sits round another is drawn with it.
    const [, ...others] = job.page.settings.filter((one) => one.beside === null || one.holds === 'row');
    const more = useQueries({
        queries: others.map(({ key }) => ({
            queryKey: ['print', job.number, 'stones', key],
            queryFn: () => get<Job>(`jobs/${job.number}?station=stones&setting=${key}`),
        })),
    });
    const pages = [job, ...more.flatMap((one) => (one.data ? [one.data] : []))];
    const views = pages.flatMap(({ page }) =>
        page.views
            .filter((view) => SHOWN.includes(view.name))
            .map((view): [string, View] => [nameOf(page), view]),
    );
    return (
        <>
            <Head job={job} title="Stones at life size" />
            <CheckBar />
            {views.length === 0 ? <p>No stone is known yet.</p> : null}
            {views.map(([name, view]) => (
                <Fragment key={view.use + view.name + name}>
                    <h2>{pages.length > 1 ? `${name}: ${view.title.toLowerCase()}` : view.title}</h2>
                    <Drawing view={plain(view)} lifeSize box={() => null} />
                </Fragment>
            ))}
            <Tools job={job} />
        </>
    );
}

function nameOf(page: Job['page']): string {
    return page.settings.find((one) => one.key === page.setting)?.name ?? '';
}
