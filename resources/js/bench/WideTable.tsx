import { useLayoutEffect, useRef, useState, type ReactNode } from 'react';

/** A table of figures that scrolls in itself where the screen is narrow, and takes the focus then, for the keys. */
export function WideTable({ label, children }: { label: string; children: ReactNode }) {
    const table = useRef<HTMLTableElement>(null);
    const [scrolls, setScrolls] = useState(false);
    useLayoutEffect(() => {
        const here = table.current;
        if (!here) return;
        const observer = new ResizeObserver(() => setScrolls(here.scrollWidth > here.clientWidth));
        observer.observe(here);
        return () => observer.disconnect();
    }, []);
    return (
        <table ref={table} className="figures wide" aria-label={label} tabIndex={scrolls ? 0 : undefined}>
            {children}
        </table>
    );
}
