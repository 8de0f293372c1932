import { Box } from '@chakra-ui/react';
import { useState } from 'react';
import { Act } from '../bench/Act';
import { Typed } from '../bench/fields';
import { useUnits, withUnit } from '../bench/units';
import { Section } from '../job/bench/Section';
import type { Work } from '../job/useJob';
import { Line, Said } from './parts';
import { useJobMetal, useWeighed } from './useJobMetal';

/** The casting with its sprues off: both go on the balance, and the sprues to the lot of the button. */
export function Trim({ work }: { work: Work }) {
    const { data, send, refused, number } = useJobMetal(work);
    const { units } = useUnits();
    const weighed = useWeighed();
    const [cut, setCut] = useState({ casting: '', sprues: '' });
    const casting = data?.held.at(-1);
    if (!casting) return null;
    return (
        <Section
            name="trim"
            title="Sprues off"
            hint={`the account holds ${weighed(casting.mass)} of this casting`}
        >
            <Line>
                <Typed
                    label="trimmed"
                    value={cut.casting}
                    onChange={(typed) => setCut((now) => ({ ...now, casting: typed }))}
                />
                <Typed
                    label="sprues"
                    value={cut.sprues}
                    onChange={(typed) => setCut((now) => ({ ...now, sprues: typed }))}
                />
                <Act
                    kind="main"
                    disabled={cut.casting.trim() === '' || cut.sprues.trim() === ''}
                    loading={send.isPending}
                    onClick={() =>
                        send.mutate(
                            {
                                path: `jobs/${number}/metal/trim`,
                                body: {
                                    casting: withUnit(cut.casting, 'mass', units),
                                    sprues: withUnit(cut.sprues, 'mass', units),
                                },
                            },
                            { onSuccess: () => setCut({ casting: '', sprues: '' }) },
                        )
                    }
                >
                    Sprues back to their lot
                </Act>
                <Box color="soft" fontSize="14px">
                    what is missing is the saw’s
                </Box>
            </Line>
            <Said words={refused} />
        </Section>
    );
}
