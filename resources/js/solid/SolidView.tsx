import { Box } from '@chakra-ui/react';
import { lazy, Suspense, useCallback, useMemo, useState } from 'react';
import { shown, type Solid } from './parts';

const SolidCanvas = lazy(() => import('./SolidCanvas'));

/** A solid that is there, to be turned; where there is no WebGL, its still. */
export function SolidView({
    solid,
    spots,
    still,
}: {
    solid: Solid;
    spots?: Float32Array | undefined;
    still?: string | undefined;
}) {
    const [flat, setFlat] = useState(false);
    const none = useCallback(() => setFlat(true), []);
    const parts = useMemo(() => shown(solid.parts), [solid]);
    if (solid.parts.length === 0) return <Box py={3}>{solid.told}</Box>;
    return (
        <>
            {flat ? (
                still ? (
                    <img src={still} alt={solid.told} width={480} height={360} />
                ) : null
            ) : (
                <Suspense fallback={<Box h="404px" mt={2} />}>
                    <SolidCanvas parts={parts} told={solid.told} onNone={none} spots={spots} />
                </Suspense>
            )}
            <Box color="soft" role="status" data-testid="solid-told">
                {solid.told}
            </Box>
        </>
    );
}
