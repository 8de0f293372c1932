import { Box } from '@chakra-ui/react';
import type { Job } from '../api/types';
import { moment, say, useUnits } from '../bench/units';
import { at, clock, MINUTE } from '../shell/zone';

interface Mass {
    alloy: string;
    mass: number;
}

/** Mass in every alloy, side by side; the job's own stands out. */
export function Masses({ masses, own }: { masses: unknown; own?: unknown }) {
    const { units } = useUnits();
    if (!Array.isArray(masses)) return null;
    return (
        <table className="figures" aria-label="Mass in every alloy">
            <tbody>
                {(masses as Mass[]).map(({ alloy, mass }) => (
                    <tr key={alloy} className={alloy === own ? 'own' : undefined}>
                        <td>{alloy.replaceAll('-', ' ')}</td>
                        <td>
                            {say(mass, 'mass', units).figure} {say(mass, 'mass', units).unit}
                        </td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}

interface Stage {
    name: string;
    ramp_to_c: number;
    ramp_min: number;
    hold_min: number;
}

/** The kiln's programme as a table, with the hour of each stage. */
export function Programme({ job }: { job: Job }) {
    const { units } = useUnits();
    const answer = job.answers['burnout.programme'];
    const stages = answer?.results.stages?.value as Stage[] | undefined;
    if (!stages) return null;
    const start = answer?.results.start_at?.value as string | undefined;
    const begun = start ? at(start) : null;
    const rows = stages.map((stage, index) => ({
        ...stage,
        before: stages.slice(0, index).reduce((sum, one) => sum + one.ramp_min + one.hold_min, 0),
    }));
    return (
        <Box as="table" w="full" fontSize="15px" aria-label="Programme">
            <thead>
                <Box as="tr" color="soft" textAlign="left" fontSize="13.5px">
                    <th>from</th>
                    <th>stage</th>
                    <th>to</th>
                    <th>climb</th>
                    <th>hold</th>
                </Box>
            </thead>
            <tbody>
                {rows.map((stage) => (
                    <Box as="tr" key={stage.name} borderTopWidth="1px" borderColor="rule">
                        <td>
                            {begun
                                ? clock(begun + stage.before * MINUTE)
                                : say(stage.before, 'minutes', units).figure}
                        </td>
                        <td>{stage.name}</td>
                        <td>
                            {say(stage.ramp_to_c, 'temperature', units).figure}{' '}
                            {say(stage.ramp_to_c, 'temperature', units).unit}
                        </td>
                        <td>{Math.round(stage.ramp_min)} min</td>
                        <td>{Math.round(stage.hold_min)} min</td>
                    </Box>
                ))}
            </tbody>
            {start ? (
                <caption style={{ captionSide: 'bottom', textAlign: 'left' }}>
                    switch on {moment(start)}
                </caption>
            ) : null}
        </Box>
    );
}
