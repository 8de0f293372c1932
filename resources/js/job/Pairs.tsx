import { Box, Flex, Input } from '@chakra-ui/react';
import { useState } from 'react';
import { say, useUnits, withUnit, type Units } from '../bench/units';
import { held } from './held';
import type { Work } from './useJob';
import { Act } from '../bench/Act';

interface Pair {
    name: string;
    /** As kept, mm; or as typed, for the core to read. */
    left: number | string;
    right: number | string;
}
interface Difference {
    name: string;
    difference_mm: number;
    take_down: 'left' | 'right' | 'neither';
}

/** Which side to take down, and by how much. */
function advice({ take_down: side, difference_mm: mm }: Difference, units: Units): string {
    const { figure, unit } = say(mm, 'length', units);
    return side === 'neither' ? `even within ${figure}` : `take the ${side} down by ${figure} ${unit}`;
}

/** The symmetry check of a wax: pair by pair with the caliper, and which side to take down. */
export function Pairs({ work, row }: { work: Work; row: string }) {
    const { units } = useUnits();
    const path = `attempts.${row}.pairs`;
    const pairs = ((held(work.job!, path) as { value: Pair[] } | null)?.value ?? []) as Pair[];
    const [draft, setDraft] = useState({ name: '', left: '', right: '' });
    const differences = work.job?.answers['layout.symmetry']?.results.differences?.value as
        Difference[] | undefined;
    const put = (next: Pair[]) => work.edit(path, next.length === 0 ? null : next);
    const add = () => {
        const read = (text: string) => withUnit(text, 'length', units);
        if (draft.name.trim() === '' || read(draft.left) === '' || read(draft.right) === '') return;
        put([...pairs, { name: draft.name.trim(), left: read(draft.left), right: read(draft.right) }]);
        setDraft({ name: '', left: '', right: '' });
    };
    const take = async (side: 'left' | 'right') => {
        const value = await work.reading('caliper');
        if (value !== null) setDraft((now) => ({ ...now, [side]: `${value} mm` }));
    };
    return (
        <Box data-testid="pairs" pb={3}>
            <Box fontWeight="600">Symmetry, pair by pair</Box>
            {differences && differences.length > 0 ? (
                <table className="figures" aria-label="Differences">
                    <tbody>
                        {differences.map((one) => (
                            <tr key={one.name}>
                                <td>{one.name}</td>
                                <td>{advice(one, units)}</td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            ) : null}
            <Flex
                as="form"
                gap={2}
                mt={2}
                wrap="wrap"
                align="end"
                onSubmit={(event) => {
                    event.preventDefault();
                    add();
                }}
            >
                {(['name', 'left', 'right'] as const).map((name) => (
                    <Box key={name}>
                        <Input
                            aria-label={
                                name === 'name'
                                    ? 'what is measured'
                                    : `on the ${name}, ${units.length === 'gauge' ? 'gauge' : units.length}`
                            }
                            placeholder={name === 'name' ? 'shoulder height' : name}
                            value={draft[name]}
                            h="44px"
                            w={name === 'name' ? '190px' : '92px'}
                            bg="card"
                            borderColor="edge"
                            onChange={(event) => setDraft((now) => ({ ...now, [name]: event.target.value }))}
                        />
                        {name === 'name' ? null : (
                            <Act kind="turn" px={1} fontSize="13.5px" onClick={() => void take(name)}>
                                from the caliper
                            </Act>
                        )}
                    </Box>
                ))}
                <Act kind="offer" type="submit">
                    Add this pair
                </Act>
                {pairs.length > 0 ? (
                    <Act kind="quiet" onClick={() => put(pairs.slice(0, -1))}>
                        take the last out
                    </Act>
                ) : null}
            </Flex>
        </Box>
    );
}
