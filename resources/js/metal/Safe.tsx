import { Box, Flex } from '@chakra-ui/react';
import { useState, type DragEvent } from 'react';
import { useNavigate } from 'react-router';
import type { Lot, Schemas } from '../api/types';
import { Drawing } from '../drawing/Drawing';
import type { View } from '../api/types';
import { Section } from './parts';
import { useWeighed } from './useJobMetal';

type Charge = Schemas['Metal']['charges'][number];

/**
 * The safe drawn: what came and went, lots as bars by their mass, and the charges that wait. A lot is dragged to a
 * charge, or taken in hand and put there by keys; Pour then opens with it chosen.
 */
export function Safe({ lots, flow, charges }: { lots: Lot[]; flow: View; charges: Charge[] }) {
    const go = useNavigate();
    const [held, setHeld] = useState<number | null>(null);
    const metal = lots.filter((lot) => lot.kind !== 'piece');
    const inHand = metal.find((lot) => lot.id === held);
    const put = (charge: Charge, lot: number) => void go(`/jobs/${charge.number}/pour`, { state: { lot } });
    return (
        <Section title="The safe">
            <Drawing view={flow} height={170} box={() => null} />
            <Flex gap={6} direction={{ base: 'column', md: 'row' }} mt={2}>
                <Box
                    flex="3"
                    role="group"
                    aria-label="Lots in the safe"
                    maxH="430px"
                    overflowY="auto"
                    tabIndex={0}
                >
                    {metal.map((lot) => (
                        <Bar
                            key={lot.id}
                            lot={lot}
                            heaviest={Math.max(...metal.map((one) => one.mass))}
                            held={lot.id === held}
                            onHold={() => setHeld(lot.id === held ? null : lot.id)}
                        />
                    ))}
                    {metal.length === 0 ? (
                        <Box color="soft">Lots will stand here as bars, the heaviest the longest.</Box>
                    ) : null}
                </Box>
                <Box flex="2" role="group" aria-label="Charges that wait">
                    <Box color="soft" fontSize="14px" role="status">
                        {inHand
                            ? `Lot ${inHand.id} is in hand: put it into a charge.`
                            : 'Drag a lot into a charge, or press it and then the charge.'}
                    </Box>
                    {charges.map((charge) => (
                        <Waiting
                            key={charge.number}
                            charge={charge}
                            lot={inHand}
                            onPut={(lot) => put(charge, lot)}
                        />
                    ))}
                    {charges.length === 0 ? <Box color="soft">No charge waits for metal.</Box> : null}
                </Box>
            </Flex>
        </Section>
    );
}

function Bar({
    lot,
    heaviest,
    held,
    onHold,
}: {
    lot: Lot;
    heaviest: number;
    held: boolean;
    onHold: () => void;
}) {
    const weighed = useWeighed();
    return (
        <Box
            as="button"
            display="block"
            w="full"
            textAlign="left"
            minH="44px"
            py={1}
            cursor="grab"
            borderLeftWidth="3px"
            borderColor={held ? 'verdigris' : 'transparent'}
            pl={2}
            aria-pressed={held}
            draggable
            data-bar={lot.id}
            onClick={onHold}
            onDragStart={(event: DragEvent) => event.dataTransfer.setData('text/plain', String(lot.id))}
        >
            <Box as="span">
                <b>{lot.id}</b> {lot.name}, {lot.alloy.replaceAll('-', ' ')} · {weighed(lot.mass)}
                {lot.owner ? ` · ${lot.owner}’s` : ''}
            </Box>
            <Box
                as="span"
                display="block"
                aria-hidden
                className="lot-bar"
                style={{ width: `${(lot.mass / heaviest) * 100}%` }}
            />
        </Box>
    );
}

/** Where a lot may be put: it takes metal of its own alloy, and a client’s only for that client. */
function Waiting({
    charge,
    lot,
    onPut,
}: {
    charge: Charge;
    lot: Lot | undefined;
    onPut: (lot: number) => void;
}) {
    const weighed = useWeighed();
    const [over, setOver] = useState(false);
    const why = lot ? refusal(charge, lot) : null;
    return (
        <Box
            as="button"
            display="block"
            w="full"
            textAlign="left"
            minH="52px"
            my={1}
            px={3}
            py={1}
            borderWidth={over ? '2px' : '1px'}
            borderStyle="dashed"
            borderColor={over ? 'verdigris' : 'edge'}
            aria-disabled={!lot || why !== null}
            data-charge={charge.number}
            onClick={() => (lot && why === null ? onPut(lot.id) : undefined)}
            onDragOver={(event: DragEvent) => {
                event.preventDefault();
                setOver(true);
            }}
            onDragLeave={() => setOver(false)}
            onDrop={(event: DragEvent) => {
                event.preventDefault();
                setOver(false);
                const dropped = Number(event.dataTransfer.getData('text/plain'));
                if (dropped) onPut(dropped);
            }}
        >
            <b>{charge.number}</b> {charge.title}
            <Box as="span" display="block" color="soft" fontSize="14px">
                {charge.alloy.replaceAll('-', ' ')}
                {charge.wanted === null ? '' : ` · ${weighed(charge.wanted)} wanted`}
                {why ? ` · ${why}` : ''}
            </Box>
        </Box>
    );
}

function refusal(charge: Charge, lot: Lot): string | null {
    if (lot.alloy !== charge.alloy) return `lot ${lot.id} is another alloy`;
    if (lot.client_id !== null && lot.client_id !== charge.client_id)
        return `lot ${lot.id} is another client’s`;
    return null;
}
