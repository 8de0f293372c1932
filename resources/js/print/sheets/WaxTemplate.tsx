import { Fragment } from 'react';
import { Drawing } from '../../drawing/Drawing';
import { LetterTable } from '../../job/LetterTable';
import { CheckBar, Head, plain, Rows, useSaid, type Printed } from '../parts';

export function WaxTemplate({ job }: Printed) {
    const ring = job.page.views.find((view) => view.name === 'wax');
    const strips = job.page.views.filter((view) => ['grid', 'letters'].includes(view.name));
    return (
        <>
            <Head job={job} title="Template at life size, wax" />
            <CheckBar />
            {strips.map((strip) => (
                <Fragment key={strip.name}>
                    <h2>{strip.title}</h2>
                    <Drawing view={plain(strip)} lifeSize box={() => null} />
                </Fragment>
            ))}
            {strips.length === 0 ? <p>The wax cannot be drawn yet: its form is not known.</p> : null}
            {ring ? (
                <>
                    <h2>Wax, casting (dashed), finished</h2>
                    <Drawing view={plain(ring)} lifeSize box={() => null} />
                </>
            ) : null}
            <WaxFigures job={job} />
            <LetterTable job={job} />
        </>
    );
}

function WaxFigures({ job }: Printed) {
    const said = useSaid(job);
    return (
        <Rows
            rows={[
                ['bore', said('wax.dimensions', 'bore', 'length')],
                ['on the stick', said('wax.dimensions', 'bore_mark', 'text')],
                ['width', said('wax.dimensions', 'width', 'length')],
                ['thickness at top', said('wax.dimensions', 'thickness', 'length')],
                ['thickness at base', said('wax.dimensions', 'thickness_base', 'length')],
                ['blank', said('blank.choose', 'blank', 'text').replaceAll('-', ' ')],
                ['slice', said('blank.choose', 'slice', 'length')],
            ]}
        />
    );
}
