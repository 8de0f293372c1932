import { Fragment } from 'react';
import { Drawing } from '../../drawing/Drawing';
import { Tools } from '../../job/StoneParts';
import { CheckBar, Head, plain, type Printed } from '../parts';

/** The head and the rows at life size, with the tools that the seats want. */
export function StoneSheet({ job }: Printed) {
    const views = job.page.views.filter((view) => ['head', 'row', 'row-other-way'].includes(view.name));
    return (
        <>
            <Head job={job} title="Stones at life size" />
            <CheckBar />
            {views.length === 0 ? <p>No stone is known yet.</p> : null}
            {views.map((view) => (
                <Fragment key={view.name}>
                    <h2>{view.title}</h2>
                    <Drawing view={plain(view)} lifeSize box={() => null} />
                </Fragment>
            ))}
            <Tools job={job} />
        </>
    );
}
