import { Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { Lot } from '../api/types';
import { Pick, Typed } from '../bench/fields';
import { useUnits, withUnit } from '../bench/units';
import { Do, Section } from './parts';

const KINDS: [string, string][] = [
    ['cut', 'cut from a lot into another'],
    ['melt', 'melt into another'],
    ['scrap', 'gather as scrap'],
    ['sweeps', 'sweeps come back'],
    ['return', 'return to the client'],
    ['deliver', 'deliver'],
    ['correct', 'correct, with a reason'],
];
const ONE_LOT = ['sweeps', 'return', 'deliver', 'correct'];

export function Move({
    lots,
    all,
    onSend,
}: {
    lots: Lot[];
    all: Lot[];
    onSend: (body: unknown) => Promise<unknown>;
}) {
    const { units } = useUnits();
    const [move, setMove] = useState({ kind: 'cut', from: '', to: '', mass: '', loss: '', reason: '' });
    const put = (name: string) => (value: string) => setMove((now) => ({ ...now, [name]: value }));
    const single = ONE_LOT.includes(move.kind);
    const named = (some: Lot[]): [string, string][] => [
        ['', 'which lot?'],
        ...some.map((lot): [string, string] => [
            String(lot.id),
            `${lot.id} ${lot.name}, ${lot.alloy.replaceAll('-', ' ')}`,
        ]),
    ];
    const send = () => {
        const mass = withUnit(move.mass, 'mass', units);
        const out = move.kind === 'sweeps' || move.kind === 'correct' ? mass : `-${mass}`;
        const loss = withUnit(move.loss, 'mass', units);
        const number = (text: string) => Number(text.replace(/[^\d.,]/g, '').replace(',', '.')) || 0;
        const unit = mass.replace(/^[\d.,\s]+/, '');
        // What arrives is what was taken less what was lost, in the same unit.
        const arrives = `${Number((number(mass) - number(loss)).toFixed(6))} ${unit}`;
        return onSend({
            kind: move.kind,
            reason: move.reason,
            loss: single || move.loss === '' ? undefined : loss,
            postings: single
                ? [{ lot: Number(move.from), mass: out }]
                : [
                      { lot: Number(move.from), mass: out },
                      { lot: Number(move.to), mass: arrives },
                  ],
        });
    };
    return (
        <Section title="Move">
            <Flex
                as="form"
                gap={2}
                wrap="wrap"
                onSubmit={(event) => {
                    event.preventDefault();
                    void send().then(
                        (done) => done && setMove((now) => ({ ...now, mass: '', loss: '', reason: '' })),
                    );
                }}
            >
                <Pick label="what happens" value={move.kind} options={KINDS} onChange={put('kind')} />
                <Pick
                    label="of lot"
                    value={move.from}
                    options={named(move.kind === 'sweeps' ? all : lots)}
                    onChange={put('from')}
                />
                {single ? null : (
                    <Pick label="into lot" value={move.to} options={named(all)} onChange={put('to')} />
                )}
                <Typed label="mass moved" value={move.mass} onChange={put('mass')} />
                {single ? null : <Typed label="lost" value={move.loss} onChange={put('loss')} />}
                <Typed label="why" value={move.reason} wide onChange={put('reason')} />
                <Do>Move it</Do>
            </Flex>
        </Section>
    );
}
