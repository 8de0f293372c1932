import { Box } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { useCallback, useMemo, useState } from 'react';
import { pattern } from './parts';
import type { Seen } from './pattern.worker';
import SolidCanvas from './SolidCanvas';
import { Thinnest } from './Thinnest';
import { asked } from './unite';

/** A pattern that was read, to be turned, with the places where it is thin. */
export default function PatternLook({ file }: { file: File }) {
    const [none, setNone] = useState(false);
    const onNone = useCallback(() => setNone(true), []);
    const { data } = useQuery({
        queryKey: ['pattern', file.name, file.size, file.lastModified],
        queryFn: async () =>
            asked<Seen>(
                new Worker(new URL('./pattern.worker.ts', import.meta.url), { type: 'module' }),
                await file.arrayBuffer(),
            ),
        retry: false,
        gcTime: 0,
    });
    const parts = useMemo(() => (data ? pattern(data.body) : []), [data]);
    if (!data || none) return null;
    return (
        <Box>
            <SolidCanvas
                parts={parts}
                told="The pattern that was read."
                onNone={onNone}
                spots={data.thin.spots}
            />
            <Box role="status">
                <Thinnest thin={data.thin} />
            </Box>
        </Box>
    );
}
