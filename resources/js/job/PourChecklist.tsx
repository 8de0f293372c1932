import { Box } from '@chakra-ui/react';
import { Link } from 'react-router';
import type { Job, Kept } from '../api/types';
import { Section } from './bench/Section';

/** What is seen to at the torch, in order, and when the flask is quenched. */
export function PourChecklist({ job }: { job: Job }) {
    const alloy = (job.document.decisions as Record<string, Kept | undefined>)['brief.alloy']?.value;
    return (
        <Section
            name="at-the-torch"
            title="At the torch, in order"
            hint="ticked off on the burnout’s page and on paper"
        >
            <Box
                as="ol"
                pl={5}
                listStyleType="decimal"
                css={{ columns: 2, '@media (max-width: 700px)': { columns: 1 } }}
            >
                {job.page.checklist.map((what) => (
                    <li key={what}>{what}</li>
                ))}
            </Box>
            {typeof alloy === 'string' ? (
                <Link className="way-on" to={`/rehearse/pour/${alloy}`}>
                    Rehearse the minute of the pour
                </Link>
            ) : null}
            {job.page.quench ? (
                <Box pt={1}>
                    <b>Quench</b> {job.page.quench}; never with stones in it.
                </Box>
            ) : null}
        </Section>
    );
}
