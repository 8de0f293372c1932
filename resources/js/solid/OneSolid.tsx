import { useMutation } from '@tanstack/react-query';
import { Box } from '@chakra-ui/react';
import { post } from '../api/client';
import { Act } from '../bench/Act';
import { Refused } from '../bench/Refused';
import { bodyOf, type Solid, type Stage } from './parts';
import type { Thin } from './thin';
import { Thinnest } from './Thinnest';
import { stlOf, unite } from './unite';

/** The parts of metal or wax united into one solid, as it stands saved, and given as a file. */
export default function OneSolid({
    number,
    stage,
    onThin,
}: {
    number: number;
    stage: Stage;
    /** Where it is thin. */
    onThin: (thin: Thin) => void;
}) {
    const make = useMutation({
        mutationFn: async () => {
            const solid = await post<Solid>(`jobs/${number}/solid`, { stage, fine: true, changes: [] });
            const united = await unite({
                bodies: solid.parts.filter((one) => one.is_body).map(bodyOf),
                cuts: solid.parts.filter((one) => one.kind === 'cut').map(bodyOf),
            });
            const link = document.createElement('a');
            link.href = URL.createObjectURL(stlOf(united.body));
            link.download = `job-${number}-${stage}-one-solid.stl`;
            link.click();
            setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
            onThin(united.thin);
            return united;
        },
    });
    return (
        <>
            <Act kind="quiet" loading={make.isPending} onClick={() => make.mutate()}>
                one solid, STL
            </Act>
            <Refused error={make.error} />
            {make.data ? (
                <Box role="status" data-testid="united">
                    {make.data.pieces === 1
                        ? 'One solid'
                        : `${make.data.pieces} solids that do not touch one another`}{' '}
                    of {make.data.volume.toFixed(1)} mm³.
                    <Thinnest thin={make.data.thin} />
                </Box>
            ) : null}
        </>
    );
}
