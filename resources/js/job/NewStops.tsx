import { Box } from '@chakra-ui/react';
import { useEffect, useRef, useState } from 'react';
import type { Finding } from '../api/types';
import { useTalk } from '../bench/talk';

/** Speaks a stop once, when it arises: a screen reader hears it without losing its place. */
export function NewStops({ findings, station }: { findings: Finding[]; station: string }) {
    const talk = useTalk();
    const known = useRef<{ station: string; codes: Set<string> } | null>(null);
    const [said, setSaid] = useState('');
    const stops = findings.filter((one) => one.level === 'stop' && !one.override);
    const codes = stops.map((one) => one.use + one.code).join(' ');
    useEffect(() => {
        const before = known.current?.station === station ? known.current.codes : null;
        known.current = { station, codes: new Set(codes.split(' ')) };
        // What stood there when the page was opened is read with the page.
        const fresh = before ? stops.filter((one) => !before.has(one.use + one.code)) : [];
        if (fresh.length > 0)
            setSaid(fresh.map((one) => `Stop: ${one.title}. ${talk(one.message)}`).join(' '));
        // Told by their codes: a figure in a message may change while it is typed, and is not said again.
        // eslint-disable-next-line react-hooks/exhaustive-deps
    }, [codes, station]);
    return (
        <Box role="status" aria-live="polite" className="spoken" data-testid="new-stops">
            {said}
        </Box>
    );
}
