import { Box } from '@chakra-ui/react';
import type { Job } from '../../api/types';
import { Section } from './Section';

interface Step {
    step: string;
    station: string;
    why: string;
}

/** In which order this piece is joined, polished, darkened, set and plated. */
export function OrderList({ job }: { job: Job }) {
    const steps = (job.answers['bench.order']?.results.steps?.value ?? []) as Step[];
    if (steps.length === 0) return null;
    return (
        <Section name="bench-order" title="Order at the bench" hint="each before what it spares">
            <Box as="ol" pl={5} listStyleType="decimal">
                {steps.map((one) => (
                    <Box as="li" key={one.step} py={1}>
                        <b>{one.step}</b> <span>at {one.station}</span>
                        <Box as="span" color="soft">
                            {' '}
                            · {one.why}
                        </Box>
                    </Box>
                ))}
            </Box>
        </Section>
    );
}
