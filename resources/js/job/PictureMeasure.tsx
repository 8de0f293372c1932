import { Box, Flex } from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { get, post } from '../api/client';
import type { Picture, Schemas } from '../api/types';
import { Act } from '../bench/Act';
import { Typed } from '../bench/fields';
import { Refused } from '../bench/Refused';
import { say, useUnits, withUnit } from '../bench/units';
import { PictureLines, type Line } from './PictureLines';
import type { Work } from './useJob';

type Measured = Schemas['PictureScale'];

/** A line across the middle of a picture, so high. */
const across = ({ width, height }: Picture, high: number): Line => ({
    from: [width * 0.35, height * high],
    to: [width * 0.65, height * high],
});

/** What a photograph shows, measured by a coin, a card or a caliper that lies in it. */
export function PictureMeasure({
    work,
    picture,
    onShut,
}: {
    work: Work;
    picture: Picture;
    onShut: () => void;
}) {
    const path = `jobs/${work.job!.number}/pictures/${picture.key}/scale`;
    const queries = useQueryClient();
    const key = ['picture-scale', path];
    const { data } = useQuery({ queryKey: key, queryFn: () => get<Measured>(path) });
    return data ? (
        <Measure
            work={work}
            picture={picture}
            kept={data}
            path={path}
            onKept={(measured) => queries.setQueryData(key, measured)}
            onShut={onShut}
        />
    ) : null;
}

function Measure({
    work,
    picture,
    kept,
    path,
    onKept,
    onShut,
}: {
    work: Work;
    picture: Picture;
    kept: Measured;
    path: string;
    onKept: (measured: Measured) => void;
    onShut: () => void;
}) {
    const { units } = useUnits();
    const told = (mm: number) => {
        const said = say(mm, 'length', units);
        return `${said.figure} ${said.unit}`;
    };
    const [known, setKnown] = useState(kept.scale ? told(kept.scale.mm) : '');
    // The first line is the known one.
    const [lines, setLines] = useState<Line[]>(
        kept.scale ? [kept.scale, ...kept.lines] : [across(picture, 0.8), across(picture, 0.4)],
    );
    const keep = useMutation({
        // An end moved twice is kept as it was moved last.
        scope: { id: path },
        mutationFn: ({ to, by }: { to: Line[]; by: string }) => {
            const [scale, ...rest] = to.map(({ from, to: end }) => ({ from, to: end }));
            return post<Measured>(path, { known: withUnit(by, 'length', units), scale, lines: rest });
        },
        onSuccess: (measured) => {
            onKept(measured);
            void work.refetch();
        },
    });
    const put = (to: Line[], by = known) => {
        if (by.trim() !== '') keep.mutate({ to, by });
    };
    const drawn = (to: Line[]) => {
        setLines(to);
        put(to);
    };
    const labels = lines.map((_, at) => (at === 0 ? 'what is known' : `line ${at}`));
    return (
        <Box as="section" my={3} aria-label="Measured on the picture">
            <Flex gap={3} wrap="wrap" align="center" my={1}>
                <Box>
                    Put the orange line along a coin, a card or a caliper that lies as far from the lens, and
                    say how long that is:
                </Box>
                <Box
                    as="form"
                    onSubmit={(event) => {
                        event.preventDefault();
                        put(lines);
                    }}
                    onBlur={() => put(lines)}
                >
                    <Typed label="how long it is" value={known} onChange={setKnown} />
                </Box>
            </Flex>
            <PictureLines picture={picture} lines={lines} labels={labels} onTo={setLines} onPut={put} />
            <Refused error={keep.error} />
            <Box role="status" data-testid="picture-measured">
                {kept.lines.map((line, at) => (
                    <Flex key={at} gap={3} align="center" wrap="wrap" minH="44px">
                        <span>
                            line {at + 1}:{' '}
                            {line.mm === null ? (
                                'say first how long the orange one is'
                            ) : (
                                <>
                                    <b>{told(line.mm)}</b> to ±{told(line.doubt ?? 0)}
                                </>
                            )}
                        </span>
                        <Act kind="quiet" onClick={() => drawn(lines.filter((_, place) => place !== at + 1))}>
                            take line {at + 1} off
                        </Act>
                    </Flex>
                ))}
            </Box>
            <Flex gap={3} wrap="wrap" my={1}>
                <Act kind="line" onClick={() => drawn([...lines, across(picture, 0.5)])}>
                    another line
                </Act>
                <Act kind="quiet" onClick={onShut}>
                    put the picture away
                </Act>
            </Flex>
        </Box>
    );
}
