import { Box, Flex } from '@chakra-ui/react';
import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { post, Refusal } from '../api/client';
import type { Dimension, Job, Sheet, Sum, View } from '../api/types';
import { FigureField } from '../bench/FigureField';
import { LevelMark } from '../bench/marks';
import { RowsTable, type Row } from '../bench/RowsTable';
import { say, useUnits } from '../bench/units';
import { Drawing } from '../drawing/Drawing';
import { Plate } from '../job/StationDrawings';
import { Masses } from '../job/Tables';
import { WorkingCard, type InHand } from '../job/working';
import { useCatalogue } from '../shell/catalogue';
import { Act } from '../bench/Act';

const TITLES: Record<string, string> = {
    'size.convert': 'Ring size',
    'size.fit': 'Broad band fit',
    'form.band': 'Band: volume and mass',
    'stone.outline': 'Stone outline',
    'stone.weight': 'Stone weight',
    'care.check': 'What stones stand',
    'seat.bezel': 'Bezel',
    'seat.claw': 'Claws',
    'seat.round': 'Seat for a round',
    'seat.depth': 'Under the stone',
    'layout.halo': 'Stones round a centre',
    'layout.row': 'Row on a band',
    'layout.lettering': 'Letters round a band',
    'layout.divide': 'Dividing',
    'layout.grid': 'Grid on the wax',
    'layout.symmetry': 'Symmetry',
    'wax.dimensions': 'Wax sizes',
    'wax.predict': 'What a wax finishes at',
    'wax.density': 'Wax density',
    'blank.choose': 'Blank of wax',
    'metal.charge': 'Metal for a wax',
    'alloy.density': 'Density of an alloy',
    'alloy.mix': 'Bringing to fineness',
    'tree.pack': 'Several on one tree',
    'burnout.core': 'What the core feels',
    'pour.fill': 'Filling and freezing',
    'spin.balance': 'Spin arm',
    'sprue.size': 'Sprues',
    'flask.choose': 'Flask',
    'investment.mix': 'Investment',
    'pour.temperatures': 'Heat of flask and metal',
    'burnout.programme': 'Burnout',
    'cast.check': 'Casting against expected',
    'strip.length': 'Strip for a band',
    'stock.cut': 'Pieces from stock',
    'plate.cut': 'Plates and discs',
    'anneal.passes': 'Annealings',
    'inlay.fit': 'Inlay',
    'size.change': 'Larger or smaller',
    'join.plan': 'Order of solder',
    'join.advice': 'Where the flame goes',
    'join.chips': 'Chips',
    'stretch.test': 'Stretch test',
    'set.sequence': 'Pushing order',
    'tools.list': 'Burs and tools',
    'finish.plan': 'Finishing',
    'hand.over': 'Last look',
    'care.advice': 'What the client is told',
};

/** Something to look at before anything is typed. */
const START: Record<string, Record<string, unknown>> = {
    'size.convert': { scale: 'us', size: '7' },
    'size.fit': { scale: 'us', size: '7', width: '6' },
    'form.band': { scale: 'us', size: '7', width_top: '5', thickness_top: '2' },
    'stone.outline': { shape: 'pear', length: '9', width: '6' },
    'stone.weight': { shape: 'round', width: '6.5', depth: '4', species: 'diamond' },
    'care.check': { stones: [{ species: 'opal' }], steps: ['ultrasonic'] },
    'seat.bezel': { shape: 'oval', length: '8', width: '6' },
    'seat.claw': { shape: 'round', width: '6.5' },
    'seat.round': { diameter: '3' },
    'seat.depth': { diameter: '2', thickness: '2.2', inner_diameter: '17.3', pitch: '2.6' },
    'layout.halo': { shape: 'pear', length: '9', width: '6', stone_diameter: '1.3' },
    'layout.row': { count: '7', largest: '2.5', smallest: '1.6', outer_diameter: '21.3' },
    'layout.lettering': { text: 'Ebb & flow', outer_diameter: '22' },
    'layout.divide': { total: '7.5', parts: '3' },
    'layout.grid': { width: '5.28', thickness: '2.28', bore: '17.38' },
    'layout.symmetry': { pairs: [{ name: 'shoulder', left: 3.4, right: 3.1 }] },
    'wax.dimensions': { scale: 'us', size: '7', width: '5', thickness: '2' },
    'wax.predict': { bore: '17.38', width: '5.28', thickness: '2.28' },
    'wax.density': { mass: '9.8 g', length: '25', width: '20', height: '20' },
    'blank.choose': { bore: '17.38', width: '5.28', thickness: '2.28' },
    'metal.charge': { wax_mass: '2.31 g', alloy: '18k-yellow' },
    'alloy.density': { composition: { Au: 0.75, Ag: 0.125, Cu: 0.125 } },
    'alloy.mix': { lots: [{ mass: 12, fineness: 0.585 }], target_fineness: '0.417' },
    'tree.pack': {
        patterns: [
            { name: 'first', across: 22, deep: 5 },
            { name: 'second', across: 21, deep: 4 },
            { name: 'third', across: 21, deep: 4 },
        ],
    },
    'burnout.core': { diameter: '63.5', pour_temperature: '540' },
    'pour.fill': {
        thinnest_modulus: '0.7',
        volume_mm3: '700',
        gate_area: '9',
        alloy: 'sterling-925',
        flask_temperature: '480',
        metal_temperature: '950',
    },
    'spin.balance': {
        crucible_mass: '400',
        flask_mass: '900',
        charge_mass: '30',
        crucible_radius: '150',
        flask_radius: '180',
        counterweight_mass: '1500',
    },
    'sprue.size': { profile: 'flat', width: '5.2', thickness: '2.25', inner_diameter: '17.12' },
    'flask.choose': { across: '22', tall: '22' },
    'investment.mix': { flask_diameter: '3 in', flask_height: '4 in', pattern_volume_mm3: '8000' },
    'pour.temperatures': { alloy: 'sterling-925' },
    'burnout.programme': { flask_diameters: ['63.5'], pour_temperature: '540' },
    'cast.check': { casting_mass: '35.1', expected_mass: '35.8', charge_mass: '42', button_mass: '6.7' },
    'strip.length': { scale: 'us', size: '7', width: '4', thickness: '2' },
    'stock.cut': { stock_length: '120', pieces: [{ name: 'shank', length: 61 }] },
    'plate.cut': { sheet_width: '50', sheet_length: '80', thickness: '0.8', shape: 'disc', width: '12' },
    'anneal.passes': { alloy: 'sterling-925', inner_diameter: '8', thickness: '2' },
    'inlay.fit': { floor_diameter: '18', width: '2', thickness: '1', groove_depth: '0.6' },
    'size.change': { from: 'US 6', to: 'US 8', width: '3', thickness: '2', alloy: '18k-yellow' },
    'join.plan': {
        alloy: 'sterling-925',
        parts: [
            { id: 'shank', mass: 4 },
            { id: 'bezel', mass: 1 },
        ],
        joints: [
            { id: 'bezel seam', parts: 'bezel, bezel' },
            { id: 'bezel on shank', parts: 'shank, bezel', after: 'bezel seam' },
        ],
    },
    'join.advice': {
        parts: [
            { id: 'shank', mass: 4 },
            { id: 'bezel', mass: 1 },
        ],
        between: 'shank, bezel',
    },
    'join.chips': { length: '10', section: '1.6' },
    'stretch.test': {
        samples: [
            { name: 'chip', start: 50, broken: 54 },
            { name: 'paste', start: 50, broken: 51.5 },
        ],
    },
    'set.sequence': { count: '12' },
    'tools.list': { seats: [{ width: 3, name: 'side stone' }], setting: 'flush' },
    'finish.plan': {},
    'hand.over': { piece_mass: '8.2 g', stones_carats: '1.25', alloy: '18k-yellow' },
    'care.advice': { alloy: 'sterling-925', stones: [{ species: 'opal' }], setting: 'claws' },
};

/** Where an input of a sheet goes when a job is started from it. */
const DECISIONS: Record<string, string> = {
    width_top: 'form.width_top',
    width_base: 'form.width_base',
    thickness_top: 'form.thickness_top',
    thickness_base: 'form.thickness_base',
    width: 'form.width_top',
    thickness: 'form.thickness_top',
    profile: 'form.profile',
    edge: 'form.edge',
    alloy: 'brief.alloy',
    process: 'wax.process',
    shrinkage: 'wax.shrinkage',
    finish_inside: 'wax.finish_inside',
    finish_outside: 'wax.finish_outside',
    finish_side: 'wax.finish_side',
    method: 'pour.method',
};
const FORMS = [
    'size.convert',
    'size.fit',
    'form.band',
    'wax.dimensions',
    'metal.charge',
    'pour.temperatures',
];

export default function SumsPage() {
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
                            {TITLES[one.name] ?? one.name}
                        </Flex>
                    </Link>
                ))}
            </Box>
            {catalogue && sheet ? <One key={name} sheet={sheet} /> : null}
        </Flex>
    );
}

/** One sheet without a job: change a figure, and the rest follows. */
function One({ sheet }: { sheet: Sheet }) {
    const go = useNavigate();
    const { units } = useUnits();
    const catalogue = useCatalogue()!;
    const [typed, setTyped] = useState<Record<string, unknown>>(START[sheet.name] ?? {});
    const [held, setHeld] = useState<InHand | null>(null);
    const query = useQuery({
        queryKey: ['sum', sheet.name, typed],
        queryFn: ({ signal }) => post<Sum>(`sums/${sheet.name}`, typed, { signal }),
        placeholderData: keepPreviousData,
        retry: false,
    });
    const errors = query.error instanceof Refusal ? query.error.errors : {};
    const sum = query.error ? undefined : query.data;
    const start = useMutation({
        mutationFn: () => {
            const changes = Object.entries(typed).flatMap(([input, value]) =>
                DECISIONS[input] ? [{ path: DECISIONS[input], from: null, to: value }] : [],
            );
            if (typed.inner_diameter)
                changes.push({
                    path: 'brief.finger',
                    from: null,
                    to: `${String(typed.inner_diameter)} diameter`,
                });
            else if (typed.size && typed.scale)
                changes.push({
                    path: 'brief.finger',
                    from: null,
                    to:
                        typed.scale === 'diameter' || typed.scale === 'circumference'
                            ? `${String(typed.size)} ${typed.scale === 'diameter' ? 'diameter' : 'round'}`
                            : `${String(typed.scale)} ${String(typed.size)}`,
                });
            return post<Job>('jobs', { changes });
        },
        onSuccess: (job) => void go(`/jobs/${job.number}/brief`),
    });
    /** Names are said with commas between them; figures with semicolons, since a comma may stand in one. */
    const edit = (input: string, many: boolean) => (value: string | boolean | null) =>
        setTyped((now) => {
            const next = { ...now };
            if (value === null || value === '') delete next[input];
            else next[input] = many ? String(value).split(/[;]\s*/) : value;
            return next;
        });
    const figure = (input: Sheet['inputs'][number], label?: string, shows?: unknown) => {
        const raw = typed[input.name];
        const said = Array.isArray(raw) ? raw.join('; ') : raw === undefined ? undefined : String(raw);
        return (
            <FigureField
                label={label ?? input.label}
                field={input}
                value={
                    sum?.inputs[input.name]?.value ??
                    (typeof raw === 'string' || typeof raw === 'boolean' ? raw : null)
                }
                typed={said}
                origin={raw === undefined ? sum?.inputs[input.name]?.origin : undefined}
                error={errors[input.name]?.[0]}
                advised={shows}
                path={input.name}
                inHand={held?.name === input.name && held.kind === 'input'}
                onTake={() => setHeld({ use: sheet.name, kind: 'input', name: input.name })}
                onEdit={edit(input.name, input.many && !['text', 'choice'].includes(input.quantity))}
            />
        );
    };
    const box = (view: View) => (dimension: Dimension) => {
        const input = sheet.inputs.find((one) => one.name === dimension.name);
        if (dimension.kind === 'input' && input) return figure(input, dimension.label, dimension.shows);
        const output = sheet.results.find((one) => one.name === dimension.name);
        return (
            <Plate
                label={dimension.label}
                said={say(sum?.answer.results[dimension.name]?.value, output?.quantity, units)}
                held={held?.name === dimension.name}
                name={`${view.use}/${dimension.name}`}
                onTap={() => setHeld({ use: sheet.name, kind: 'result', name: dimension.name })}
            />
        );
    };
    const drawn = new Set(
        sum?.views.flatMap((view) =>
            view.dimensions.filter((one) => one.kind === 'input').map((one) => one.name),
        ),
    );
    const inHand = held ?? {
        use: sheet.name,
        kind: 'result' as const,
        name: sum?.answer.working[0]?.result ?? '',
    };
    return (
        <>
            <Box flex="1" minW={0} py={4}>
                <Box as="h1" fontSize="24px" fontWeight="600">
                    {TITLES[sheet.name] ?? sheet.name}
                </Box>
                <Box color="soft">{sheet.purpose}</Box>
                <Flex gap={2} wrap="wrap" my={3}>
                    {sheet.inputs
                        .filter((input) => input.quantity !== 'rows' && !drawn.has(input.name))
                        .map((input) => (
                            <Box key={input.name}>{figure(input)}</Box>
                        ))}
                </Flex>
                {sheet.inputs
                    .filter((input) => input.quantity === 'rows')
                    .map((input) => (
                        <Box key={input.name} py={2} data-rows={input.name}>
                            <Box fontWeight="600">{input.meaning}</Box>
                            <RowsTable
                                columns={input.columns}
                                rows={(typed[input.name] ?? []) as Row[]}
                                onChange={(rows) => setTyped((now) => ({ ...now, [input.name]: rows }))}
                            />
                            {errors[input.name] ? (
                                <Box role="alert" color="hot">
                                    {errors[input.name]!.join(' ')}
                                </Box>
                            ) : null}
                        </Box>
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
                    <Box key={view.name} mb={3}>
                        {view.role === 'main' ? null : (
                            <Box fontSize="13.5px" color="soft" textAlign="center">
                                {view.title}
                            </Box>
                        )}
                        <Drawing
                            view={view}
                            height={
                                view.role === 'main'
                                    ? 380
                                    : view.role === 'side'
                                      ? 230
                                      : ({ seat: 190, core: 300, fill: 110 }[view.name] ?? 90)
                            }
                            box={box(view)}
                        />
                    </Box>
                ))}
            </Box>
            <Box w={{ base: 'full', lg: '330px' }} py={4} display="grid" gap={4} alignContent="start">
                <Box as="table" aria-label="Results" w="full">
                    <tbody>
                        {sheet.results
                            .filter(
                                (output) => output.quantity !== 'rows' && sum?.answer.results[output.name],
                            )
                            .map((output) => {
                                const said = say(
                                    sum?.answer.results[output.name]?.value,
                                    output.quantity,
                                    units,
                                );
                                return (
                                    <Box as="tr" key={output.name} borderBottomWidth="1px" borderColor="rule">
                                        <Box as="td" color="soft" fontSize="14.5px">
                                            {output.meaning}
                                        </Box>
                                        <Box as="td" textAlign="right" whiteSpace="nowrap">
                                            <Box
                                                as="button"
                                                minH="44px"
                                                fontSize="20px"
                                                fontWeight="600"
                                                cursor="pointer"
                                                data-result={output.name}
                                                aria-label={`${output.meaning}: ${said.figure} ${said.unit}, show the working`}
                                                onClick={() =>
                                                    setHeld({
                                                        use: sheet.name,
                                                        kind: 'result',
                                                        name: output.name,
                                                    })
                                                }
                                            >
                                                {said.figure}
                                            </Box>{' '}
                                            <Box as="span" color="soft">
                                                {said.unit}
                                            </Box>
                                        </Box>
                                    </Box>
                                );
                            })}
                    </tbody>
                </Box>
                <Masses masses={sum?.answer.results.masses?.value} />
                {sum?.answer.findings.map((finding) => (
                    <Box
                        key={finding.code}
                        borderLeftWidth="3px"
                        borderColor={
                            finding.level === 'stop' ? 'hot' : finding.level === 'caution' ? 'brass' : 'soft'
                        }
                        pl={3}
                        data-finding={finding.code}
                    >
                        <Flex gap={2} align="center" fontWeight="600">
                            <LevelMark level={finding.level} />
                            {finding.level}: {finding.code.replaceAll('-', ' ')}
                        </Flex>
                        <Box color="soft" fontSize="14.5px">
                            {finding.message}
                        </Box>
                        <Box fontSize="14.5px">{finding.remedy}</Box>
                        {Object.keys(finding.set ?? {}).length > 0 ? (
                            <Act
                                kind="offer"
                                mt={1}
                                onClick={() => setTyped((now) => ({ ...now, ...finding.set }))}
                            >
                                Do that
                            </Act>
                        ) : null}
                    </Box>
                ))}
                {sum ? (
                    <WorkingCard
                        inHand={inHand}
                        answer={sum.answer}
                        inputs={sum.inputs}
                        catalogue={catalogue}
                    />
                ) : null}
                {FORMS.includes(sheet.name) && sum ? (
                    <Act kind="main" minH="50px" fontSize="16px" onClick={() => start.mutate()}>
                        Start a job from this
                    </Act>
                ) : null}
                {start.error ? (
                    <Box role="alert" color="hot">
                        {start.error.message}
                    </Box>
                ) : null}
            </Box>
        </>
    );
}

/** A result of several rows, where each is of named figures. */
function Listed({ title, rows }: { title: string; rows: unknown }) {
    const named = (Array.isArray(rows) ? rows : []).filter(
        (row): row is Row => typeof row === 'object' && row !== null && !Array.isArray(row),
    );
    if (named.length === 0 || named.length > 60) return null;
    const columns = Object.keys(named[0]!).filter((column) => named.some((row) => row[column] !== null));
    const cell = (value: unknown) =>
        typeof value === 'number'
            ? String(Number(value.toFixed(3)))
            : Array.isArray(value)
              ? value.join(', ')
              : String(value ?? '');
    return (
        <Box as="details" py={1}>
            <Box as="summary" minH="44px" pt={2} cursor="pointer" fontWeight="600">
                {title}
            </Box>
            <Box overflowX="auto">
                <table className="figures">
                    <thead>
                        <tr>
                            {columns.map((column) => (
                                <th key={column}>{column.replaceAll('_', ' ')}</th>
                            ))}
                        </tr>
                    </thead>
                    <tbody>
                        {named.map((row, at) => (
                            <tr key={at}>
                                {columns.map((column) => (
                                    <td key={column}>{cell(row[column])}</td>
                                ))}
                            </tr>
                        ))}
                    </tbody>
                </table>
            </Box>
        </Box>
    );
}
