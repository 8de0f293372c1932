import { say, useUnits } from '../bench/units';
import type { Thin } from './thin';

/** How thin it is where it is thinnest, in words. */
export function Thinnest({ thin }: { thin: Thin }) {
    const { units } = useUnits();
    if (thin.wall === null) return null;
    const said = say(thin.wall, 'length', units);
    return (
        <span data-testid="thinnest">
            {' '}
            One place in a hundred is under {said.figure} {said.unit} thick; they are marked.
        </span>
    );
}
