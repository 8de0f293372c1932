import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { Act } from '../bench/Act';
import { Pick, Typed } from '../bench/fields';
import { useUnits, withUnit } from '../bench/units';
import { useCatalogue } from '../shell/catalogue';

/** The piece in another metal, or of another width, as it is typed. */
export interface OtherPiece {
    alloy: string;
    width: string;
}

const said = ({ alloy, width }: OtherPiece) =>
    [alloy && `in ${alloy.replaceAll('-', ' ')}`, width && `${width} wide`].filter(Boolean).join(', ');

/** The same piece offered side by side in other metals and widths, for a client to choose from. */
export function OtherPieces({
    others,
    onTo,
}: {
    others: OtherPiece[];
    onTo: (others: OtherPiece[]) => void;
}) {
    const alloys = useCatalogue()?.decisions['brief.alloy']?.choices ?? [];
    const [next, setNext] = useState<OtherPiece>({ alloy: '', width: '' });
    const { units } = useUnits();
    const isSaid = next.alloy !== '' || next.width.trim() !== '';
    return (
        <Box role="group" aria-label="The piece otherwise" mt={1} mb={3}>
            {others.map((other, at) => (
                <Flex key={`${other.alloy} ${other.width}`} gap={3} align="center" minH="44px">
                    <span>and the piece {said(other)}</span>
                    <Act kind="quiet" onClick={() => onTo(others.filter((_, one) => one !== at))}>
                        not that
                    </Act>
                </Flex>
            ))}
            <Flex gap={2} wrap="wrap" align="center">
                <Box color="soft">beside it</Box>
                <Pick
                    label="the piece in another metal"
                    value={next.alloy}
                    options={[
                        ['', 'in the same metal'],
                        ...alloys.map((one): [string, string] => [one, one.replaceAll('-', ' ')]),
                    ]}
                    onChange={(alloy) => setNext({ ...next, alloy })}
                />
                <Typed
                    label="another width"
                    value={next.width}
                    onChange={(width) => setNext({ ...next, width })}
                />
                {isSaid ? (
                    <Act
                        kind="line"
                        onClick={() => {
                            const width = withUnit(next.width, 'length', units);
                            const isBare = /^[\d.,\s]+$/.test(width);
                            const other = { ...next, width: isBare ? `${width} mm` : width };
                            const isNew = others.every((one) => said(one) !== said(other));
                            onTo(isNew ? [...others, other] : others);
                            setNext({ alloy: '', width: '' });
                        }}
                    >
                        Offer that too
                    </Act>
                ) : null}
            </Flex>
        </Box>
    );
}
