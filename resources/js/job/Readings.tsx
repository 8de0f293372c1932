import { Box, Button, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { fieldAt } from '../shell/catalogue';
import type { Catalogue } from '../api/types';
import { Pictures } from './Pictures';
import { Decision } from './DecisionRail';
import { Pairs } from './Pairs';
import { MoveStone } from './Siblings';
import { newRowKey, rowsOf } from './held';
import type { Work } from './useJob';
import { Act } from '../bench/Act';

const TAKEN: Record<string, 'balance' | 'caliper'> = {
    wax_mass: 'balance',
    stones_mass: 'balance',
    charge_mass: 'balance',
    casting_mass: 'balance',
    button_mass: 'balance',
    scrap_mass: 'balance',
    bore: 'caliper',
    width: 'caliper',
    thickness: 'caliper',
    length: 'caliper',
    depth: 'caliper',
    mass: 'balance',
};

/** Lists whose rows may be taken out; waxes and castings are history. */
const TAKEN_OUT = ['stones', 'settings', 'cuts', 'parts', 'joints'];
const RECLAIMED = ['keep_setting', 'removed'];
/** Said of a joint at its heat. */
const WITH_HEAT = ['gap', 'outcome'];

interface Props {
    group: 'stones' | 'cuts' | 'attempts' | 'castings' | 'parts' | 'joints';
    title: string;
    again: string;
    work: Work;
    catalogue: Catalogue;
}

/** What is read off the balance and the caliper, of each wax or each casting. An earlier one stays as it was. */
export function Readings({ group, title, again, work, catalogue }: Props) {
    const rows = rowsOf(work.job, group);
    const [shown, setShown] = useState<string | null>(null);
    // The row in hand: the one chosen, else the last, else the one that is added first.
    const here = shown ?? rows.at(-1)?.key ?? work.job?.page.next_keys[group] ?? '0';
    const row = rows.find((one) => one.key === here);
    const keys = [...rows.map((one) => one.key), ...(row ? [] : [here])];
    const source = (row?.source as { value: string } | undefined)?.value;
    const take = async (device: 'balance' | 'caliper', path: string) => {
        const value = await work.reading(device);
        if (value !== null) work.edit(path, `${value} ${device === 'balance' ? 'g' : 'mm'}`);
    };
    return (
        <Box borderTopWidth="1px" borderColor="rule" pt={3} data-readings={group}>
            <Flex align="center" gap={2} wrap="wrap">
                <Box fontWeight="600">{title}</Box>
                {keys.map((key, index) => (
                    <Button
                        key={key}
                        variant="plain"
                        minH="44px"
                        minW="44px"
                        px={2}
                        color={key === here ? 'ink' : 'soft'}
                        borderBottomWidth="3px"
                        borderRadius={0}
                        borderColor={key === here ? 'verdigris' : 'transparent'}
                        aria-pressed={key === here}
                        onClick={() => setShown(key)}
                    >
                        {index + 1}
                    </Button>
                ))}
                {row ? (
                    <Act kind="line" onClick={() => setShown(newRowKey())}>
                        {again}
                    </Act>
                ) : null}
            </Flex>
            <Flex gap={2} wrap="wrap" py={2}>
                {Object.keys(catalogue.readings[group] ?? {}).map((name) => {
                    // Only a reclaimed stone has an old setting.
                    if (group === 'stones' && RECLAIMED.includes(name) && source !== 'reclaimed') return null;
                    const device = TAKEN[name];
                    const path = `${group}.${here}.${name}`;
                    if (name === 'pairs' || (group === 'joints' && WITH_HEAT.includes(name))) return null;
                    return (
                        <Box key={path} display="grid" gap={1} alignContent="start">
                            <Decision path={path} work={work} catalogue={catalogue} />
                            {device ? (
                                <Act
                                    kind="offer"
                                    px={2}
                                    fontSize="13.5px"
                                    aria-label={`Take ${fieldAt(catalogue, path)?.label} from the ${device}`}
                                    onClick={() => void take(device, path)}
                                >
                                    from the {device}
                                </Act>
                            ) : null}
                        </Box>
                    );
                })}
            </Flex>
            {row && TAKEN_OUT.includes(group) ? (
                <Act
                    kind="quiet"
                    px={1}
                    aria-label={`Take out ${group} ${keys.indexOf(here) + 1}`}
                    onClick={() => {
                        setShown(null);
                        void work.act(`rows/${group}/${here}/out`);
                    }}
                >
                    take this one out
                </Act>
            ) : null}
            {row && group === 'stones' ? <MoveStone work={work} row={here} /> : null}
            {row ? <Pictures work={work} about={`${group}.${here}`} /> : null}
            {group === 'attempts' ? <Pairs work={work} row={here} /> : null}
        </Box>
    );
}
