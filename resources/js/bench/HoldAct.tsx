import { Button, type ButtonProps } from '@chakra-ui/react';
import { useEffect, useRef, useState } from 'react';

/** How long it is held, ms. */
const LONG = 900;

/**
 * What cannot be taken back: held until it fills, by finger or by Enter or the space bar. Let go before, nothing is
 * done.
 */
export function HoldAct({
    onDone,
    children,
    ...props
}: Omit<ButtonProps, 'onClick'> & { onDone: () => void }) {
    const [held, setHeld] = useState(false);
    const timer = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);
    const begin = () => {
        if (timer.current) return;
        setHeld(true);
        timer.current = setTimeout(() => {
            end();
            onDone();
        }, LONG);
    };
    const end = () => {
        clearTimeout(timer.current);
        timer.current = undefined;
        setHeld(false);
    };
    useEffect(() => () => clearTimeout(timer.current), []);
    return (
        <Button
            {...props}
            position="relative"
            overflow="hidden"
            onPointerDown={begin}
            onPointerUp={end}
            onPointerLeave={end}
            onKeyDown={(event) => {
                if (event.key === 'Enter' || event.key === ' ') {
                    event.preventDefault();
                    begin();
                }
            }}
            onKeyUp={end}
            onBlur={end}
            onContextMenu={(event) => event.preventDefault()}
            data-held={held}
        >
            <span
                className="hold"
                aria-hidden="true"
                data-held={held}
                style={{ transitionDuration: held ? `${LONG}ms` : '0ms' }}
            />
            <span style={{ position: 'relative' }}>{held ? 'keep holding…' : children}</span>
        </Button>
    );
}
