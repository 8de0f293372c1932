import { Box } from '@chakra-ui/react';
import { useState } from 'react';
import { Act } from '../bench/Act';
import { Typed } from '../bench/fields';
import { Section } from '../job/bench/Section';
import type { Work } from '../job/useJob';
import { Line, Said } from './parts';
import { named, useJobMetal, useWeighed } from './useJobMetal';

/** Metal of the client’s that is in no piece: given back, credited, or kept for the next one. */
export function ClientLeft({ work }: { work: Work }) {
    const { data, send, refused } = useJobMetal(work);
    const weighed = useWeighed();
    const [why, setWhy] = useState('');
    const left = data?.left ?? [];
    if (left.length === 0) return null;
    return (
        <Section
            name="client-left"
            title="The client’s own metal that is left"
            hint={left.map((lot) => weighed(lot.mass)).join(', ')}
        >
            {left.map((lot) => (
                <Line key={lot.id}>
                    <Box flex="1">
                        {named(lot)}, {weighed(lot.mass)}
                    </Box>
                    <Act
                        kind="offer"
                        onClick={() =>
                            send.mutate({
                                path: 'metal/move',
                                body: {
                                    kind: 'return',
                                    postings: [{ lot: lot.id, mass: `-${lot.mass} g` }],
                                    reason: `handed over with job ${work.job!.number}`,
                                },
                            })
                        }
                    >
                        Given back
                    </Act>
                    <Typed label="what was agreed" wide value={why} onChange={setWhy} />
                    <Act
                        kind="line"
                        disabled={why.trim() === ''}
                        onClick={() =>
                            send.mutate({ path: `metal/lots/${lot.id}/credit`, body: { reason: why } })
                        }
                    >
                        Credited
                    </Act>
                </Line>
            ))}
            <Line>
                <Act kind="line" onClick={() => work.edit('handover.client_left', 'kept')}>
                    It is kept for the client’s next piece
                </Act>
            </Line>
            <Said words={refused} />
        </Section>
    );
}
