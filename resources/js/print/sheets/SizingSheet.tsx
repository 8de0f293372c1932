import { Drawing } from '../../drawing/Drawing';
import { decision, Head, plain, Rows, useSaid, type Printed } from '../parts';
import { ToWrite } from '../ToWrite';

/** An old ring made larger or smaller: how it is done, what is let in or comes off, and what to look at after. */
export function SizingSheet({ job }: Printed) {
    const said = useSaid(job);
    const view = job.page.views.find((one) => one.name === 'sizing');
    const results = job.answers['size.change']?.results;
    const steps = (results?.steps?.value ?? []) as { step: string }[];
    return (
        <>
            <Head job={job} title="Sizing" />
            {view ? <Drawing view={plain(view)} lifeSize box={() => null} /> : null}
            <Rows
                rows={[
                    ['size now', decision(job, 'sizing.from')?.typed],
                    ['size wanted', decision(job, 'brief.finger')?.typed],
                    ['larger across', said('size.change', 'change_diameter', 'length')],
                    ['let in', said('size.change', 'insert', 'length')],
                    ['edges apart', said('size.change', 'edges_apart', 'length')],
                    ['metal', said('size.change', 'metal_change', 'mass')],
                    ['annealing', said('size.change', 'annealing', 'text')],
                ]}
            />
            <h2>How it is done</h2>
            {steps.length === 0 ? <p>Say both sizes first.</p> : null}
            <ol>
                {steps.map(({ step }) => (
                    <li key={step}>{step}</li>
                ))}
            </ol>
            <h2>After</h2>
            <ToWrite lines={['size on the stick', 'weighs', 'stones tight, looked at by', 'solder used']} />
        </>
    );
}
