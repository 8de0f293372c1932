import { Flex } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { get } from '../api/client';
import type { Client } from '../api/types';
import { Pick, Typed } from '../bench/fields';
import { useUnits, withUnit } from '../bench/units';
import { useCatalogue } from '../shell/catalogue';
import { Do, Section } from './parts';

export function Receive({ onSend }: { onSend: (body: unknown) => Promise<unknown> }) {
    const { units } = useUnits();
    const catalogue = useCatalogue();
    const { data } = useQuery({
        queryKey: ['clients'],
        queryFn: () => get<{ clients: Client[] }>('clients'),
    });
    const [lot, setLot] = useState({
        alloy: 'sterling-925',
        mass: '',
        name: '',
        client: '',
        reason: '',
        kind: 'stock',
    });
    const put = (name: string) => (value: string) => setLot((now) => ({ ...now, [name]: value }));
    const alloys = [
        ...(catalogue?.decisions['brief.alloy']?.choices ?? []),
        ...(catalogue?.decisions['join.solders']?.choices ?? []),
    ];
    return (
        <Section title="Receive">
            <Flex
                as="form"
                gap={2}
                wrap="wrap"
                onSubmit={(event) => {
                    event.preventDefault();
                    void onSend({
                        alloy: lot.alloy,
                        mass: withUnit(lot.mass, 'mass', units),
                        name: lot.name,
                        client_id: lot.client === '' ? null : Number(lot.client),
                        reason: lot.reason,
                        kind: lot.kind,
                    }).then((done) => done && setLot((now) => ({ ...now, mass: '', name: '', reason: '' })));
                }}
            >
                <Pick
                    label="alloy received"
                    value={lot.alloy}
                    options={alloys.map((one): [string, string] => [one, one.replaceAll('-', ' ')])}
                    onChange={put('alloy')}
                />
                <Typed label="mass received" value={lot.mass} onChange={put('mass')} />
                <Typed label="what it is called" value={lot.name} wide onChange={put('name')} />
                <Pick
                    label="whose it is"
                    value={lot.client}
                    options={[
                        ['', 'the workshop’s'],
                        ...(data?.clients.map((one): [string, string] => [String(one.id), one.name]) ?? []),
                    ]}
                    onChange={put('client')}
                />
                <Pick
                    label="what kind of metal"
                    value={lot.kind}
                    options={[
                        ['stock', 'new metal'],
                        ['scrap', 'scrap'],
                        ['button', 'button or sprues'],
                        ['unassayed', 'of unknown fineness'],
                    ]}
                    onChange={put('kind')}
                />
                <Typed label="where from" value={lot.reason} wide onChange={put('reason')} />
                <Do>Receive it</Do>
            </Flex>
        </Section>
    );
}
