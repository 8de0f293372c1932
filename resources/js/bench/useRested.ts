import { useEffect, useState } from 'react';

/** What something was when it last stood still for so many ms: a hand that rests wants to see what it did. */
export function useRested(now: string, ms: number): string {
    const [rested, setRested] = useState(now);
    useEffect(() => {
        const timer = setTimeout(() => setRested(now), ms);
        return () => clearTimeout(timer);
    }, [now, ms]);
    return rested;
}
