import type { Dimension, Sheet, View } from '../../api/types';
import { FigureField } from '../../bench/FigureField';
import { say, useUnits } from '../../bench/units';
import { Plate } from '../../job/StationDrawings';
import type { SumInHand } from './useSum';

/** An input of a sum, typed where it stands. */
export function SumFigure({
    of,
    input,
    label,
    shows,
}: {
    of: SumInHand;
    input: Sheet['inputs'][number];
    label?: string;
    shows?: unknown;
}) {
    const raw = of.typed[input.name];
    const said = Array.isArray(raw) ? raw.join('; ') : raw === undefined ? undefined : String(raw);
    const reckoned = of.sum?.inputs[input.name];
    return (
        <FigureField
            label={label ?? input.label}
            field={input}
            value={reckoned?.value ?? (typeof raw === 'string' || typeof raw === 'boolean' ? raw : null)}
            typed={said}
            origin={raw === undefined ? reckoned?.origin : undefined}
            error={of.errors[input.name]?.[0]}
            advised={shows}
            path={input.name}
            inHand={of.held?.name === input.name && of.held.kind === 'input'}
            onTake={() => of.hold('input', input.name)}
            onEdit={of.edit(input.name, input.many && !['text', 'choice'].includes(input.quantity))}
        />
    );
}

/** A dimension on a drawing of a sum: an input that is typed, or a result that is tapped. */
export function SumDimension({ of, view, dimension }: { of: SumInHand; view: View; dimension: Dimension }) {
    const { units } = useUnits();
    const input = of.sheet.inputs.find((one) => one.name === dimension.name);
    if (dimension.kind === 'input' && input)
        return <SumFigure of={of} input={input} label={dimension.label} shows={dimension.shows} />;
    const output = of.sheet.results.find((one) => one.name === dimension.name);
    return (
        <Plate
            label={dimension.label}
            said={say(of.sum?.answer.results[dimension.name]?.value, output?.quantity, units)}
            held={of.held?.name === dimension.name}
            name={`${view.use}/${dimension.name}`}
            onTap={() => of.hold('result', dimension.name)}
        />
    );
}
