import { Box, Flex } from '@chakra-ui/react';
import { Link, useParams } from 'react-router';
import type { Sheet, View } from '../../api/types';
import { RowsTable, type Row } from '../../bench/RowsTable';
import { Drawing } from '../../drawing/Drawing';
import { useCatalogue } from '../../shell/catalogue';
import { Listed } from './Listed';
import { SumDimension, SumFigure } from './SumFigure';
import { SumResults } from './SumResults';
import { useSum, type SumInHand } from './useSum';
import { useTitle } from '../../shell/useTitle';

export default function SumsPage() {
    useTitle('Sums');
    const { sheet: name = 'form.band' } = useParams();
    const catalogue = useCatalogue();
    const sheet = catalogue?.sheets.find((one) => one.name === name);
    return (
        <Flex flex="1" direction={{ base: 'column', lg: 'row' }} px={5} gap={6} as="main">
            <Box
                as="nav"
                aria-label="Sums"
                w={{ base: 'full', lg: '190px' }}
                py={4}
                display={{ base: 'flex', lg: 'block' }}
                flexWrap="wrap"
            >
                {catalogue?.sheets.map((one) => (
                    <Link
                        key={one.name}
                        to={`/sums/${one.name}`}
                        aria-current={one.name === name ? 'page' : undefined}
                    >
                        <Flex
                            minH="46px"
                            align="center"
                            px={2}
                            borderLeftWidth="3px"
                            borderColor={one.name === name ? 'verdigris' : 'transparent'}
                            fontWeight={one.name === name ? 600 : 400}
                        >
                            {one.title}
                        </Flex>
                    </Link>
                ))}
            </Box>
            {catalogue && sheet ? <OneSum key={name} sheet={sheet} /> : null}
        </Flex>
    );
}

/** One sheet without a job: change a figure, and the rest follows. */
function OneSum({ sheet }: { sheet: Sheet }) {
    const of = useSum(sheet);
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
                            title={output.meaning}
                            rows={sum?.answer.results[output.name]?.value}
                        />
                    ))}
                {sum?.views.map((view) => (
                    <Drawn key={view.name} of={of} view={view} />
                ))}
            </Box>
            <SumResults of={of} />
        </>
    );
}

function SumRows({ of, input }: { of: SumInHand; input: Sheet['inputs'][number] }) {
    const wrong = of.errors[input.name];
    return (
        <Box py={2} data-rows={input.name}>
            <Box fontWeight="600">{input.meaning}</Box>
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
const HEIGHTS: Record<string, number> = { main: 380, side: 230, seat: 190, core: 300, fill: 110 };

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
