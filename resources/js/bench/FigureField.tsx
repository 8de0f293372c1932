import { Box, Input } from '@chakra-ui/react';
import { useEffect, useRef, useState, type KeyboardEvent } from 'react';
import type { Field } from '../api/types';
import { wall } from '../shell/zone';
import { ChoiceField } from './ChoiceField';
import { DayInput } from './DayInput';
import { inUnits } from './talk';
import { say, useUnits, withUnit } from './units';

interface Props {
    /** What it is called; also its name for a screen reader. */
    label: string;
    field: Pick<Field, 'quantity' | 'choices' | 'many' | 'accepts' | 'meaning'> &
        Partial<Pick<Field, 'sayings'>>;
    /** The value in the core's unit, and what was typed for it. */
    value: unknown;
    typed?: string | undefined;
    origin?: string | undefined;
    /** What is advised while nothing is given. */
    advised?: unknown;
    error?: string | undefined;
    inHand?: boolean;
    wide?: boolean;
    path: string;
    /** Chosen, or given back: for good. */
    onEdit: (typed: string | boolean | null) => void;
    /** Typed so far. */
    onType?: (typed: string | null) => void;
    /** Left, or entered. */
    onSettle?: () => void;
    onTake?: () => void;
}

/** One figure: large, with its unit, edited where it stands. */
export function FigureField({
    label,
    field,
    value,
    typed,
    origin,
    advised,
    error,
    inHand,
    wide,
    path,
    onEdit,
    onType = onEdit,
    onSettle,
    onTake,
}: Props) {
    const { units } = useUnits();
    const [text, setText] = useState<string | null>(null);
    /** What stood there when it was taken up. */
    const before = useRef<string | null>(null);
    const left = useRef(onSettle);
    const input = useRef<HTMLInputElement>(null);
    const plate = useRef<HTMLButtonElement>(null);
    /** Whether it was left by a key, and the focus returns to it. */
    const back = useRef(false);
    const editing = text !== null;
    useEffect(() => {
        left.current = onSettle;
    }, [onSettle]);
    // A figure that goes from the page while it is typed is left too.
    useEffect(() => {
        if (!editing) return;
        return () => left.current?.();
    }, [editing]);
    useEffect(() => {
        if (editing) input.current?.select();
        else if (back.current) {
            back.current = false;
            plate.current?.focus();
        }
    }, [editing]);
    const empty = value === null || value === undefined;
    const said = say(empty ? advised : value, field.quantity, units);
    const choices = field.many ? [] : field.quantity === 'yes-no' ? ['true', 'false'] : field.choices;
    const spoken = field.quantity === 'ring-size' && typed ? { figure: typed, unit: '' } : said;
    const frame = {
        minH: '46px',
        minW: wide ? '220px' : '118px',
        maxW: wide ? '420px' : '200px',
        px: 2,
        py: '3px',
        bg: 'card',
        borderWidth: inHand || editing ? '2px' : '1px',
        borderColor: error ? 'hot' : inHand || editing ? 'verdigris' : 'edge',
        borderRadius: '3px',
        textAlign: 'center' as const,
        'data-path': path,
    };
    const tag = empty
        ? advised === undefined || advised === null
            ? null
            : 'advised'
        : { default: 'usual', shop: 'yours', reckoned: 'advised' }[origin ?? ''];
    const name = (
        <span className="label">
            {label}
            {tag ? <span className="tag"> · {tag}</span> : null}
        </span>
    );
    const problem = error ? (
        <Box role="alert" fontSize="13px" color="hot" maxW="220px">
            {inUnits(error, units)}
        </Box>
    ) : null;
    if (choices.length > 0 || (field.quantity === 'choice' && !field.many)) {
        return (
            <ChoiceField
                {...{ label, field, choices, value, advised, name, problem, onTake, onEdit }}
                frame={frame}
            />
        );
    }
    if (field.quantity === 'moment' || field.quantity === 'day') {
        return (
            <Box {...frame} py={0} minW="190px">
                <DayInput
                    aria-label={label}
                    title={field.meaning}
                    day={field.quantity === 'day'}
                    value={
                        typeof value === 'string'
                            ? field.quantity === 'day'
                                ? value.slice(0, 10)
                                : wall(value)
                            : ''
                    }
                    // The field is the whole plate, and its name lies in its foot.
                    h="46px"
                    pb="16px"
                    lineHeight="30px"
                    border="none"
                    fontSize="16px"
                    fontWeight="600"
                    px={1}
                    onFocus={onTake}
                    onChange={(event) => onEdit(event.target.value === '' ? null : event.target.value)}
                />
                <Box mt="-20px" pb="3px" pointerEvents="none">
                    {name}
                </Box>
                {problem}
            </Box>
        );
    }
    const keys = (event: KeyboardEvent<HTMLInputElement>) => {
        if (event.key === 'Enter' || event.key === 'Escape') {
            event.preventDefault();
            if (event.key === 'Escape') onEdit(before.current);
            back.current = true;
            event.currentTarget.blur();
        }
    };
    if (editing) {
        return (
            <Box {...frame}>
                <Input
                    ref={input}
                    aria-label={label}
                    aria-invalid={error !== undefined}
                    title={field.accepts}
                    value={text}
                    h="28px"
                    border="none"
                    px={1}
                    autoFocus
                    textAlign="center"
                    fontSize="18px"
                    fontWeight="600"
                    autoComplete="off"
                    onChange={(event) => {
                        setText(event.target.value);
                        const said = withUnit(event.target.value, field.quantity, units);
                        onType(said === '' ? null : said);
                    }}
                    onKeyDown={keys}
                    onBlur={() => setText(null)}
                />
                {name}
                {problem}
            </Box>
        );
    }
    return (
        <div>
            <button
                ref={plate}
                type="button"
                className={['plate', wide && 'wide', inHand && 'held', error && 'wrong']
                    .filter(Boolean)
                    .join(' ')}
                data-path={path}
                aria-label={`${label}: ${typed !== undefined && error ? typed : `${spoken.figure} ${spoken.unit}`}, edit`}
                title={field.meaning}
                onClick={() => {
                    onTake?.();
                    before.current = typed ?? null;
                    setText(
                        typed ??
                            (typeof value === 'number'
                                ? `${said.figure}`
                                : typeof value === 'string'
                                  ? value
                                  : ''),
                    );
                }}
            >
                <span className="figure">
                    {error ? typed : spoken.figure}
                    {spoken.unit && !error ? <span className="unit"> {spoken.unit}</span> : null}
                </span>
                {name}
            </button>
            {problem}
        </div>
    );
}
