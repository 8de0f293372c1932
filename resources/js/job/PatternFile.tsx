import { Box, Flex } from '@chakra-ui/react';
import { useMutation } from '@tanstack/react-query';
import { lazy, Suspense, useRef, useState } from 'react';
import { send } from '../api/client';
import type { Catalogue, Schemas } from '../api/types';
import { Act } from '../bench/Act';
import { Refused } from '../bench/Refused';
import { say, useUnits } from '../bench/units';
import { PatternTold, Reading } from './PatternRead';
import { decidedAt } from './stations/StationPage';
import { DecisionRail } from './DecisionRail';
import type { Work } from './useJob';

const PatternLook = lazy(() => import('../solid/PatternLook'));

type Read = Schemas['PatternRead'];

/** What of a pattern is kept, by the decision that it becomes. */
const KEPT = {
    volume: 'file_volume',
    across: 'file_across',
    along: 'file_along',
    tall: 'file_tall',
    bore: 'file_bore',
    width: 'file_width',
    width_base: 'file_width_base',
    thickness: 'file_thickness',
    thickness_base: 'file_thickness_base',
    section: 'file_section',
    section_base: 'file_section_base',
} as const;

/** A pattern made elsewhere, printed or milled: read, measured, and taken for the wax that Form drew. */
export function PatternFile({ work, catalogue }: { work: Work; catalogue: Catalogue }) {
    const [file, setFile] = useState<File | null>(null);
    const [carries, setCarries] = useState<boolean | null>(null);
    const input = useRef<HTMLInputElement>(null);
    const stop = useRef<AbortController | null>(null);
    const { units } = useUnits();
    const { job } = work;
    const read = useMutation({
        mutationFn: ({ from, isGrown }: { from: File; isGrown: boolean }) => {
            const form = new FormData();
            form.append('file', from);
            form.append('carries', isGrown ? '1' : '0');
            stop.current = new AbortController();
            return send<Read>('POST', `jobs/${job!.number}/pattern`, form, { signal: stop.current.signal });
        },
    });
    if (!job) return null;
    const taken = decidedAt(job, 'wax.file_volume');
    const measured = Object.values(KEPT)
        .map((name) => `wax.${name}`)
        .filter((path) => decidedAt(job, path) !== undefined && decidedAt(job, path) !== null);
    const told = (value: unknown, quantity: string) => {
        const said = say(value, quantity, units);
        return `${said.figure} ${said.unit}`;
    };
    const start = (from: File | null, isGrown: boolean | null) => {
        if (from && isGrown !== null) read.mutate({ from, isGrown });
        else read.reset();
    };
    const keep = (sizes: Read['pattern'] | null) =>
        Object.entries(KEPT).forEach(([size, name]) => {
            const said = sizes?.[size as keyof typeof KEPT] ?? null;
            work.edit(`wax.${name}`, said === null ? null : `${said}${size === 'volume' ? ' mm3' : ' mm'}`);
        });
    return (
        <Box
            as="section"
            borderTopWidth="1px"
            borderColor="rule"
            mt={4}
            pt={2}
            aria-label="A pattern from a file"
        >
            <Box as="h2" fontSize="17px" fontWeight="600">
                A pattern from a file
            </Box>
            {typeof taken === 'number' ? (
                <>
                    <Flex gap={3} align="center" wrap="wrap" data-testid="pattern-taken">
                        <Box>
                            Charge, tree and flask go by the pattern that was read:{' '}
                            {told(taken, 'cubic-millimetres')}.
                        </Box>
                        <Act kind="quiet" onClick={() => keep(null)}>
                            go by Form again
                        </Act>
                    </Flex>
                    <DecisionRail paths={measured} work={work} catalogue={catalogue} />
                </>
            ) : (
                <Box color="soft">
                    Printed, milled or drawn elsewhere: an STL or 3MF stands in for what Form drew.
                </Box>
            )}
            <Flex gap={4} align="center" wrap="wrap" mt={2}>
                <Act kind="line" onClick={() => input.current?.click()}>
                    {file ? file.name : 'choose its file'}
                </Act>
                <input
                    ref={input}
                    type="file"
                    accept=".stl,.3mf"
                    hidden
                    data-testid="pattern-file"
                    onChange={(event) => {
                        const next = event.target.files?.[0] ?? null;
                        setFile(next);
                        start(next, carries);
                        // The same file, saved anew, may be chosen again.
                        event.target.value = '';
                    }}
                />
                <Flex as="fieldset" gap={2} align="center" wrap="wrap">
                    <Box as="legend" float="left" mr={2}>
                        Is it drawn as large as the wax, its shrinkage in it?
                    </Box>
                    {(
                        [
                            [true, 'yes, it carries it'],
                            [false, 'no, it is the casting’s size'],
                        ] as const
                    ).map(([value, words]) => (
                        <Flex as="label" key={words} minH="44px" align="center" gap={2}>
                            <input
                                type="radio"
                                name="carries"
                                checked={carries === value}
                                style={{ width: 22, height: 22 }}
                                onChange={() => {
                                    setCarries(value);
                                    start(file, value);
                                }}
                            />
                            {words}
                        </Flex>
                    ))}
                </Flex>
            </Flex>
            {read.isPending ? (
                <Reading
                    number={job.number}
                    name={file?.name ?? ''}
                    onStop={() => {
                        stop.current?.abort();
                        read.reset();
                    }}
                />
            ) : null}
            <Refused error={read.error} />
            {read.data && file ? (
                <Suspense fallback={null}>
                    <PatternLook file={file} />
                </Suspense>
            ) : null}
            {read.data ? (
                <Flex gap={3} align="center" wrap="wrap" data-testid="pattern-read">
                    <PatternTold read={read.data} />
                    <Act
                        kind="main"
                        onClick={() => {
                            keep(read.data.pattern);
                            read.reset();
                            setFile(null);
                        }}
                    >
                        Take it for the wax
                    </Act>
                </Flex>
            ) : null}
        </Box>
    );
}
