import { Box } from '@chakra-ui/react';
import { useState } from 'react';
import { Act } from '../bench/Act';
import { Pick, Typed } from '../bench/fields';
import { useUnits, withUnit } from '../bench/units';
import { Section } from '../job/bench/Section';
import type { Work } from '../job/useJob';
import { Line, Said } from './parts';
import { named, useJobMetal, useWeighed } from './useJobMetal';
import { Fetching } from '../bench/Fetching';

/** The metal of a piece made by hand: taken from lots, cuttings and filings given back, solder by heat. */
export function JobMetal({ work, soldering = false }: { work: Work; soldering?: boolean }) {
    const { data, query, send, refused, number } = useJobMetal(work);
    const { units } = useUnits();
    const weighed = useWeighed();
    const [put, setPut] = useState({ lot: '', mass: '', what: soldering ? 'solder' : 'strip' });
    const [back, setBack] = useState({ piece: '', to: '', mass: '', loss: '', what: 'cuttings' });
    const [heat, setHeat] = useState({ name: '', mass: '' });
    if (!data) return <Fetching words="Opening the safe…" query={query} />;
    const held = data.held;
    const piece = Number(back.piece || held[0]?.id);
    const from = held.find((lot) => lot.id === piece);
    const mass = (typed: string) => withUnit(typed, 'mass', units);
    const go = (what: string, body: unknown, then: () => void) =>
        send.mutate({ path: `jobs/${number}/metal/${what}`, body }, { onSuccess: then });
    return (
        <Section
            name="job-metal"
            title="Metal of this piece"
            hint={
                held.length === 0
                    ? 'none is in it yet'
                    : held.map((lot) => `${weighed(lot.mass)} ${lot.alloy.replaceAll('-', ' ')}`).join(', ') +
                      ' in it'
            }
        >
            <Line>
                <Pick
                    label="taken from which lot"
                    value={put.lot}
                    options={[
                        ['', data.lots.length === 0 ? 'no metal in the account' : 'from which lot?'],
                        ...data.lots.map((lot): [string, string] => [String(lot.id), named(lot)]),
                    ]}
                    onChange={(lot) => setPut((now) => ({ ...now, lot }))}
                />
                <Typed
                    label="mass taken"
                    value={put.mass}
                    onChange={(typed) => setPut((now) => ({ ...now, mass: typed }))}
                />
                <Pick
                    label="taken as"
                    value={put.what}
                    options={['strip', 'plate', 'tube', 'wire', 'solder'].map((one) => [one, one])}
                    onChange={(what) => setPut((now) => ({ ...now, what }))}
                />
                <Act
                    kind="offer"
                    disabled={put.lot === '' || put.mass.trim() === ''}
                    loading={send.isPending}
                    onClick={() =>
                        go('take', { lot: Number(put.lot), mass: mass(put.mass), what: put.what }, () =>
                            setPut((now) => ({ ...now, mass: '' })),
                        )
                    }
                >
                    Take it from the account
                </Act>
            </Line>
            {from && soldering ? (
                <Line>
                    <Typed
                        label="heat"
                        value={heat.name}
                        onChange={(name) => setHeat((now) => ({ ...now, name }))}
                    />
                    <Typed
                        label="solder used"
                        value={heat.mass}
                        onChange={(typed) => setHeat((now) => ({ ...now, mass: typed }))}
                    />
                    <Act
                        kind="line"
                        disabled={heat.mass.trim() === ''}
                        onClick={() =>
                            go('solder', { piece: from.id, mass: mass(heat.mass), heat: heat.name }, () =>
                                setHeat({ name: '', mass: '' }),
                            )
                        }
                    >
                        Note it as an allowance
                    </Act>
                    <Box color="soft" fontSize="14px">
                        for solder that has no lot of its own
                    </Box>
                </Line>
            ) : null}
            {from ? (
                <Line>
                    {held.length > 1 ? (
                        <Pick
                            label="given back from"
                            value={String(from.id)}
                            options={held.map((lot) => [String(lot.id), named(lot)])}
                            onChange={(one) => setBack((now) => ({ ...now, piece: one }))}
                        />
                    ) : null}
                    <Typed
                        label="mass given back"
                        value={back.mass}
                        onChange={(typed) => setBack((now) => ({ ...now, mass: typed }))}
                    />
                    <Typed
                        label="dust lost"
                        value={back.loss}
                        onChange={(loss) => setBack((now) => ({ ...now, loss }))}
                    />
                    <Pick
                        label="given back as"
                        value={back.what}
                        options={['cuttings', 'filings', 'sprues'].map((one) => [one, one])}
                        onChange={(what) => setBack((now) => ({ ...now, what }))}
                    />
                    <Pick
                        label="given back to"
                        value={back.to}
                        options={[
                            ['', 'as scrap of its own'],
                            ...data.lots
                                .filter((lot) => lot.alloy === from.alloy && lot.client_id === from.client_id)
                                .map((lot): [string, string] => [String(lot.id), named(lot)]),
                        ]}
                        onChange={(to) => setBack((now) => ({ ...now, to }))}
                    />
                    <Act
                        kind="line"
                        disabled={back.mass.trim() === ''}
                        onClick={() =>
                            go(
                                'back',
                                {
                                    piece: from.id,
                                    mass: mass(back.mass),
                                    loss: back.loss.trim() === '' ? 0 : mass(back.loss),
                                    to: back.to === '' ? null : Number(back.to),
                                    what: back.what,
                                },
                                () => setBack((now) => ({ ...now, mass: '', loss: '' })),
                            )
                        }
                    >
                        Give it back
                    </Act>
                </Line>
            ) : null}
            <Said words={refused} />
        </Section>
    );
}
