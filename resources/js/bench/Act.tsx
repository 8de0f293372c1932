import { Button, type ButtonProps } from '@chakra-ui/react';

/** How a button stands: what the page is for, an offer, one of several, a way out of the way, a small turn. */
const KINDS = {
    main: { bg: 'verdigris', color: 'onVerdigris' },
    offer: { variant: 'outline', borderColor: 'verdigris', color: 'verdigris' },
    line: { variant: 'outline', borderColor: 'edge', color: 'ink' },
    quiet: { variant: 'plain', color: 'soft' },
    turn: { variant: 'plain', color: 'verdigris' },
} as const satisfies Record<string, ButtonProps>;

/** A button of the bench, large enough for a hand. */
export function Act({ kind, ...props }: ButtonProps & { kind: keyof typeof KINDS }) {
    return <Button minH="44px" {...KINDS[kind]} {...props} />;
}
