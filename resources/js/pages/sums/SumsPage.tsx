import { Box, Flex } from '@chakra-ui/react';
import { useEffect } from 'react';
import { useLocation, useParams } from 'react-router';
import type { Sheet, View } from '../../api/types';
import { RowsTable, type Row } from '../../bench/RowsTable';
import { Drawing } from '../../drawing/Drawing';
import { useCatalogue } from '../../shell/catalogue';
import { AskLine } from './AskLine';
import { opened } from './lately';
import { Listed } from './Listed';
import { SumList } from './SumList';
import { SumDimension, SumFigure } from './SumFigure';
import { SumResults } from './SumResults';
import { SumSolid } from './SumSolid';
import { useSum, type SumInHand, type Typed } from './useSum';
import { useTitle } from '../../shell/useTitle';

export default function SumsPage() {
    const { sheet: name = 'form.band' } = useParams();
    const catalogue = useCatalogue();
    const sheet = catalogue?.sheets.find((one) => one.name === name);
    const { key, state } = useLocation() as { key: string; state: { typed?: Typed } | null };
    useTitle(sheet ? `${sheet.title}, sums` : 'Sums');
    useEffect(() => {
        // One begins to read it at its head.
        window.scrollTo(0, 0);
        opened(name);
    }, [name]);
    return (
        <Box as="main" flex="1">
            <AskLine sheets={catalogue?.sheets ?? []} />
            <Flex direction={{ base: 'column-reverse', lg: 'row' }} px={5} gap={6}>
                {catalogue ? <SumList key={name} sheets={catalogue.sheets} name={name} /> : null}
                {sheet ? <OneSum key={key} sheet={sheet} asked={state?.typed} /> : null}
                {catalogue && !sheet ? (
                    <Box py={4}>There is no sum called “{name}”. Ask for one in the line above.</Box>
                ) : null}
            </Flex>
        </Box>
    );
}

/** One sheet without a job: change a figure, and the rest follows. */
function OneSum({ sheet, asked }: { sheet: Sheet; asked: Typed | undefined }) {
    const of = useSum(sheet, asked);
    const { sum, errors } = of;
    const inputsOf = (view: View) => view.dimensions.filter((one) => one.kind === 'input');
    const drawn = new Set(sum?.views.flatMap((view) => inputsOf(view).map((one) => one.name)));
    return (
        <>
            <Box flex="1" minW={0} py={4}>
                <Box as="h1" fontSize="24px" fontWeight="600">
                    {sheet.title}
                </Box>
                <Box color="soft">{sheet.purpose}</Box>
                <Flex gap={2} wrap="wrap" my={3}>
                    {sheet.inputs
                        .filter((input) => input.quantity !== 'rows' && !drawn.has(input.name))
                        .map((input) => (
                            <Box key={input.name}>
                                <SumFigure of={of} input={input} />
                            </Box>
                        ))}
                </Flex>
                {sheet.inputs
                    .filter((input) => input.quantity === 'rows')
                    .map((input) => (
                        <SumRows key={input.name} of={of} input={input} />
                    ))}
                {errors._ ? (
                    <Box role="alert" color="hot">
                        {errors._.join(' ')}
                    </Box>
                ) : null}
                {sheet.results
                    .filter((output) => output.quantity === 'rows')
                    .map((output) => (
                        <Listed
                            key={output.name}
                            title={output.label}
                            rows={sum?.answer.results[output.name]?.value}
                            columns={sum?.columns[output.name] ?? []}
                        />
                    ))}
                {sum?.views.map((view) => (
                    <Drawn key={view.name} of={of} view={view} />
                ))}
                <SumSolid of={of} />
            </Box>
            <SumResults of={of} />
        </>
    );
}

function SumRows({ of, input }: { of: SumInHand; input: Sheet['inputs'][number] }) {
    const wrong = of.errors[input.name];
    return (
        <Box py={2} data-rows={input.name}>
            <Box fontWeight="600">{input.label}</Box>
            <RowsTable
                columns={input.columns}
                rows={(of.typed[input.name] ?? []) as Row[]}
                onChange={(rows) => of.setTyped((now) => ({ ...now, [input.name]: rows }))}
            />
            {wrong ? (
                <Box role="alert" color="hot">
                    {wrong.join(' ')}
                </Box>
            ) : null}
        </Box>
    );
}

/** How high a drawing stands, px, by its place on the page. */
const HEIGHTS: Record<string, number> = {
    main: 380,
    side: 230,
    seat: 190,
    core: 300,
    fill: 110,
    levels: 230,
    clock: 260,
};

function Drawn({ of, view }: { of: SumInHand; view: View }) {
    return (
        <Box mb={3}>
            {view.role === 'main' ? null : (
                <Box fontSize="13.5px" color="soft" textAlign="center">
                    {view.title}
                </Box>
            )}
            <Drawing
                view={view}
                height={HEIGHTS[view.role] ?? HEIGHTS[view.name] ?? 90}
                box={(dimension) => <SumDimension of={of} view={view} dimension={dimension} />}
            />
        </Box>
    );
}
