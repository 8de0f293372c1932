import type { Station } from '../api/types';
import { Box } from '@chakra-ui/react';
import { useNavigate } from 'react-router';
import { Act } from '../bench/Act';
import { pathWords } from '../shell/catalogue';
import { BenchStrip, Next } from './BenchStrip';
import { isRead } from './instruments';
import type { Work } from './useJob';
import type { InHand } from './working';

/** The station's figures, and its sign-off. */
export function StationFoot({
    work,
    station,
    onTap,
}: {
    work: Work;
    station: Station;
    onTap: (held: InHand) => void;
}) {
    const go = useNavigate();
    const { page } = work.job!;
    const here = page.station;
    const isSigned = station.state === 'signed';
    // What is signed is what is seen: nothing may be refused, clash or wait for the line.
    const isHeld = Object.keys(work.errors).length > 0 || work.clashes.length > 0 || work.trouble !== null;
    const wanting = page.wants.filter((path) => !isRead(path));
    const stops = page.findings.filter((one) => one.level === 'stop' && !one.override).length;
    const why = isHeld
        ? 'Something typed is refused, or not saved yet.'
        : wanting.length > 0
          ? `Still to be said: ${wanting.slice(0, 3).map(pathWords).join(', ')}${wanting.length > 3 ? ' …' : ''}`
          : null;
    const said = why ?? (stops > 0 ? 'A stop stands open: mend it, or override it with a reason.' : null);
    const { stations } = work.job!;
    const next = stations
        .slice(stations.findIndex((one) => one.name === here) + 1)
        .find((one) => !['signed', 'not-needed'].includes(one.state));
    const isNeeded = station.state !== 'not-needed';
    return (
        <BenchStrip figures={page.strip} onTap={onTap}>
            {isSigned ? null : (
                <Act
                    kind="quiet"
                    onClick={() =>
                        void work.act(`stations/${here}`, { state: isNeeded ? 'not-needed' : 'open' })
                    }
                >
                    {isNeeded ? 'not needed' : 'it is needed'}
                </Act>
            )}
            {isSigned ? (
                <Act
                    kind="quiet"
                    data-testid="reopen"
                    onClick={() => void work.act(`stations/${here}`, { state: 'reopened' })}
                >
                    reopen
                </Act>
            ) : null}
            {isSigned ? (
                next ? (
                    <Next onClick={() => void go(`/jobs/${work.job!.number}/${next.name}`)}>
                        Next: {next.label}
                    </Next>
                ) : null
            ) : (
                <Box maxW="240px" textAlign="end">
                    {said ? (
                        <Box color="soft" fontSize="13.5px" lineHeight="1.2" mb={1} data-testid="why-not">
                            {said}
                        </Box>
                    ) : null}
                    <Next onClick={() => void work.sign(here)} disabled={why !== null}>
                        {page.sign_off}
                    </Next>
                </Box>
            )}
        </BenchStrip>
    );
}
