import { fahrenheit } from '../../bench/units';
import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Catalogue, Kept } from '../../api/types';
import { Decision } from '../DecisionRail';
import type { Work } from '../useJob';
import { Section } from './Section';
import { Act } from '../../bench/Act';

export interface Heat {
    number: number;
    joints: string[];
    solder: string;
    label: string;
    mark: string;
    flow_c: number;
    margin_c: number;
    piece: string[];
    form: string;
    flame_on: string;
    from: string;
    guard: string[];
    again: boolean;
    chips: number | null;
    coat: string;
    pickle: string;
}

/** A heat as both kinds of thermometer say it. */
export const degrees = (celsius: number) =>
    `${Number(celsius.toFixed(1))} °C · ${Math.round(fahrenheit(celsius))} °F`;

/** The heats in order; one that is dragged, or moved by its buttons, is planned anew at once. */
export function HeatList({
    heats,
    cold,
    work,
    catalogue,
}: {
    heats: Heat[];
    cold: string[];
    work: Work;
    catalogue: Catalogue;
}) {
    const [held, setHeld] = useState<number | null>(null);
    const joints = work.job!.document.joints as unknown as Record<string, Kept>[];
    const asked = (work.job!.document.decisions as Record<string, Kept>)['join.order'] !== undefined;
    if (heats.length === 0) return null;
    const move = (from: number, to: number) => {
        if (to < 0 || to >= heats.length || from === to) return;
        const order = heats.map((heat) => heat.joints);
        const [taken] = order.splice(from, 1);
        order.splice(to, 0, taken!);
        work.edit('join.order', order.flat().join(', '));
    };
    return (
        <Section
            name="heats"
            title="Heats, hardest first"
            hint="drag one earlier or later to see what it costs"
            aside={
                asked ? (
                    <Act kind="turn" onClick={() => work.edit('join.order', null)}>
                        let the plan choose the order
                    </Act>
                ) : null
            }
        >
            <Box as="ol" listStyleType="none">
                {heats.map((heat, at) => (
                    <Box
                        as="li"
                        key={heat.number}
                        draggable
                        data-heat={heat.number}
                        borderBottomWidth="1px"
                        borderColor="rule"
                        py={2}
                        opacity={held === at ? 0.5 : 1}
                        onDragStart={() => setHeld(at)}
                        onDragEnd={() => setHeld(null)}
                        onDragOver={(event) => event.preventDefault()}
                        onDrop={(event) => {
                            event.preventDefault();
                            if (held !== null) move(held, at);
                            setHeld(null);
                        }}
                    >
                        <Flex gap={3} align="start">
                            <Box fontSize="26px" fontWeight="600" w="34px" lineHeight="1.1">
                                {heat.number}
                            </Box>
                            <Box flex="1" minW={0}>
                                <Flex gap={3} wrap="wrap" align="baseline">
                                    <Box fontWeight="600" fontSize="17px">
                                        {heat.joints.join(' + ')}
                                    </Box>
                                    <Box>
                                        {heat.label}{' '}
                                        <Box as="span" color="soft">
                                            ({heat.mark})
                                        </Box>
                                    </Box>
                                    <Box fontWeight="600" color="hot">
                                        {degrees(heat.flow_c)}
                                    </Box>
                                    <Box color="soft">{Math.round(heat.margin_c)}° under the metal</Box>
                                </Flex>
                                <Facts heat={heat} />
                                <Link
                                    className="way-on"
                                    to={`/rehearse/job-${work.job!.number}-${heat.number}`}
                                >
                                    Rehearse this heat
                                </Link>
                                <Flex gap={2} wrap="wrap" mt={1}>
                                    {heat.joints.map((id) => {
                                        const row = joints.find(
                                            (one) => (one.id as Kept | undefined)?.value === id,
                                        );
                                        if (!row) return null;
                                        const of = heat.joints.length > 1 ? ` of ${id}` : '';
                                        return (
                                            <Flex key={id} gap={2}>
                                                <Decision
                                                    path={`joints.${row.key}.gap`}
                                                    label={`gap seen${of}`}
                                                    work={work}
                                                    catalogue={catalogue}
                                                />
                                                <Decision
                                                    path={`joints.${row.key}.outcome`}
                                                    label={`how it went${of}`}
                                                    work={work}
                                                    catalogue={catalogue}
                                                />
                                            </Flex>
                                        );
                                    })}
                                </Flex>
                            </Box>
                            <Flex direction="column">
                                {(
                                    [
                                        ['↑', 'earlier', at - 1],
                                        ['↓', 'later', at + 1],
                                    ] as const
                                ).map(([sign, words, to]) => (
                                    <Act
                                        kind="quiet"
                                        key={words}
                                        minW="44px"
                                        disabled={to < 0 || to >= heats.length}
                                        aria-label={`Heat ${heat.number} ${words}`}
                                        onClick={() => move(at, to)}
                                    >
                                        {sign}
                                    </Act>
                                ))}
                            </Flex>
                        </Flex>
                    </Box>
                ))}
            </Box>
            {cold.length > 0 ? (
                <Box pt={2}>
                    After the last fire, without a torch: <b>{cold.join(', ')}</b>
                </Box>
            ) : null}
        </Section>
    );
}

function Facts({ heat }: { heat: Heat }) {
    const facts: [string, string][] = [
        ['flame on', `${heat.flame_on}, ${heat.from}`],
        ...(heat.guard.length > 0
            ? ([['guard', `${heat.guard.join(', ')}${heat.again ? '; bind it with wire' : ''}`]] as [
                  string,
                  string,
              ][])
            : []),
        ['cut', heat.chips === null ? heat.form : `${heat.chips} ${heat.form}s, from the unmarked end`],
        ['coat', heat.coat],
        ['then', heat.pickle],
    ];
    return (
        <Box as="dl" fontSize="14.5px" display="grid" gridTemplateColumns="72px 1fr" columnGap={2}>
            {facts.map(([word, said]) => (
                <Box key={word} display="contents">
                    <Box as="dt" color="soft">
                        {word}
                    </Box>
                    <Box as="dd">{said}</Box>
                </Box>
            ))}
        </Box>
    );
}
