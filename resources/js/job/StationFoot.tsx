import type { Station } from '../api/types';
import { Act } from '../bench/Act';
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
    const { page } = work.job!;
    const isSigned = station.state === 'signed';
    // What is signed is what is seen: nothing may be refused, clash or wait for the line.
    const isHeld = Object.keys(work.errors).length > 0 || work.clashes.length > 0 || work.trouble !== null;
    const isWanting = page.wants.some((path) => !isRead(path));
    const isNeeded = station.state !== 'not-needed';
    const here = page.station;
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
            <Next
                onClick={() =>
                    void (isSigned ? work.act(`stations/${here}`, { state: 'reopened' }) : work.sign(here))
                }
                disabled={!isSigned && (isHeld || isWanting)}
            >
                {isSigned ? 'Reopen' : page.sign_off}
            </Next>
        </BenchStrip>
    );
}
