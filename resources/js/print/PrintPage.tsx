import { Box, Button, Flex } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { Fragment, type ReactNode } from 'react';
import { useNavigate, useParams } from 'react-router';
import { get } from '../api/client';
import type { Bench, Dimension, Job, Kept, View } from '../api/types';
import { moment, say, useUnits } from '../bench/units';
import { setZone } from '../shell/zone';
import { Drawing } from '../drawing/Drawing';
import { degrees, type Heat } from '../job/bench/HeatList';
import { Tools } from '../job/StoneParts';
import { Programme } from '../job/Tables';
import './print.css';

const STATION: Record<string, string> = {
    card: 'wax',
    template: 'wax',
    stones: 'stones',
    kiln: 'burnout',
    casting: 'pour',
    join: 'join',
    handover: 'handover',
};

/** A clean A4 page of a job, drawn from the same primitives as the screen. */
export default function PrintPage() {
    const { number, what = 'card' } = useParams();
    const go = useNavigate();
    const { data: job } = useQuery({
        queryKey: ['print', number, what],
        queryFn: () => get<Job>(`jobs/${number}?station=${STATION[what] ?? 'brief'}`),
    });
    const { data: bench } = useQuery({ queryKey: ['bench'], queryFn: () => get<Bench>('bench') });
    if (!job || !bench) return null;
    setZone(bench.zone);
    const Page = {
        card: Card,
        template: Template,
        stones: StoneSheet,
        kiln: Kiln,
        casting: Casting,
        join: Heats,
        handover: HandOver,
    }[what];
    return (
        <Box bg="white" minH="100vh" px={4} data-ready={what} className="light">
            <Flex className="no-print" gap={3} py={3} justify="center" align="center">
                <Button bg="#1f5f54" color="white" minH="48px" px={6} onClick={() => window.print()}>
                    Print
                </Button>
                <Button variant="plain" color="#444" minH="48px" onClick={() => void go(-1)}>
                    back
                </Button>
                {what === 'template' ? (
                    <Box color="#444">Print at 100 %, not “fit to page”, and check the bar.</Box>
                ) : null}
            </Flex>
            <Box className="sheet-of-paper">{Page ? <Page job={job} /> : 'There is no such page.'}</Box>
        </Box>
    );
}

const decision = (job: Job, path: string) => (job.document.decisions as Record<string, Kept>)[path];

function useSaid(job: Job) {
    const { units } = useUnits();
    return (use: string, result: string, quantity: string) => {
        const said = say(job.answers[use]?.results[result]?.value, quantity, units);
        return `${said.figure} ${said.unit}`.trim();
    };
}

function Head({ job, title }: { job: Job; title: string }) {
    return (
        <>
            <h1>
                {job.number} · {decision(job, 'brief.title')?.typed ?? 'untitled'}
            </h1>
            <div>
                {title} · {job.client?.name ?? 'no client'}
                {decision(job, 'brief.due') ? ` · due ${moment(decision(job, 'brief.due')!.typed)}` : ''}
                {decision(job, 'brief.alloy')
                    ? ` · ${decision(job, 'brief.alloy')!.typed.replaceAll('-', ' ')}`
                    : ''}
            </div>
        </>
    );
}

function Rows({ rows }: { rows: [string, ReactNode][] }) {
    return (
        <table>
            <tbody>
                {rows
                    .filter(([, value]) => value !== undefined && value !== '' && value !== '–')
                    .map(([label, value]) => (
                        <tr key={label}>
                            <td style={{ width: '45%' }}>{label}</td>
                            <td>
                                <b>{value}</b>
                            </td>
                        </tr>
                    ))}
            </tbody>
        </table>
    );
}

function Card({ job }: { job: Job }) {
    const said = useSaid(job);
    const typed = (path: string) => decision(job, path)?.typed;
    const sizes: [string, string, string, string][] = [
        [
            'inside / bore',
            said('size.fit', 'inner_diameter', 'length'),
            said('wax.dimensions', 'bore', 'length'),
            said('wax.dimensions', 'bore_as_cast', 'length'),
        ],
        [
            'width at top',
            typed('form.width_top') ?? '',
            said('wax.dimensions', 'width', 'length'),
            said('wax.dimensions', 'width_as_cast', 'length'),
        ],
        [
            'thickness at top',
            typed('form.thickness_top') ?? '',
            said('wax.dimensions', 'thickness', 'length'),
            said('wax.dimensions', 'thickness_as_cast', 'length'),
        ],
        [
            'thickness at base',
            typed('form.thickness_base') ?? typed('form.thickness_top') ?? '',
            said('wax.dimensions', 'thickness_base', 'length'),
            said('wax.dimensions', 'thickness_base_as_cast', 'length'),
        ],
    ];
    return (
        <>
            <Head job={job} title="Job card" />
            <h2>The commission</h2>
            <Rows
                rows={[
                    ['finger', typed('brief.finger')],
                    ['finger at its base', typed('brief.finger_base')],
                    ['to make', said('size.fit', 'mark', 'text')],
                    ['what the client wants', typed('brief.note')],
                    ['client’s stones', typed('brief.client_stones')],
                    ['client’s metal', typed('brief.client_metal')],
                    ['budget', typed('brief.budget')],
                    ['section', typed('form.profile')],
                    ['mass finished', said('form.band', 'mass', 'mass')],
                ]}
            />
            {job.answers['wax.dimensions'] ? (
                <>
                    <h2>Sizes, mm</h2>
                    <table>
                        <thead>
                            <tr>
                                <th />
                                <th>finished</th>
                                <th>wax</th>
                                <th>casting</th>
                            </tr>
                        </thead>
                        <tbody>
                            {sizes.map(([label, ...figures]) => (
                                <tr key={label}>
                                    <td>{label}</td>
                                    {figures.map((figure, index) => (
                                        <td key={index}>
                                            <b>{figure}</b>
                                        </td>
                                    ))}
                                </tr>
                            ))}
                        </tbody>
                    </table>
                </>
            ) : null}
            <h2>Stations</h2>
            <table>
                <tbody>
                    {job.stations.map((station) => (
                        <tr key={station.name}>
                            <td>{station.label}</td>
                            <td>{station.state}</td>
                            <td>
                                {station.by ?? ''} {station.at ? moment(station.at.slice(0, 10)) : ''}
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
            <div className="label">
                <div style={{ fontSize: '26pt', fontWeight: 600 }}>{job.number}</div>
                <div>{job.client?.name}</div>
                <div>due {decision(job, 'brief.due') ? moment(decision(job, 'brief.due')!.typed) : '–'}</div>
                <div>{typed('brief.client_stones')}</div>
                <div>
                    finger {said('size.fit', 'inner_diameter', 'length')} · wax{' '}
                    {said('wax.dimensions', 'bore', 'length')} · casting{' '}
                    {said('wax.dimensions', 'bore_as_cast', 'length')}
                </div>
            </div>
        </>
    );
}

/** A dimension as a word on paper. */
function OnPaper({ job, view, dimension }: { job: Job; view: View; dimension: Dimension }) {
    const { units } = useUnits();
    const value =
        dimension.kind === 'input'
            ? job.inputs[view.use]?.[dimension.name]?.value
            : job.answers[view.use]?.results[dimension.name]?.value;
    const temperature = dimension.name.includes('temperature');
    const said = say(
        value,
        temperature ? 'temperature' : typeof value === 'number' ? 'length' : 'moment',
        units,
    );
    return (
        <div
            style={{
                background: '#fff',
                padding: '0 1mm',
                fontSize: '9.5pt',
                textAlign: 'center',
                whiteSpace: 'nowrap',
            }}
        >
            <b>
                {said.figure} {said.unit}
            </b>
            <br />
            {dimension.label}
        </div>
    );
}

/** A drawing at life size, without its boxes. */
const plain = (view: View): View => ({ ...view, magnify: 1, dimensions: [] });

/** What shows whether the printer kept to life size. */
function CheckBar() {
    return (
        <>
            <svg
                className="check-bar"
                width="56mm"
                height="12mm"
                viewBox="-3 0 56 12"
                style={{ marginTop: '5mm', display: 'block' }}
                role="img"
                aria-label="50 mm check bar"
            >
                <rect data-bar x="0" y="1" width="50" height="3" fill="#000" />
                {[0, 10, 20, 30, 40, 50].map((mm) => (
                    <g key={mm}>
                        <line x1={mm} x2={mm} y1="1" y2="6" stroke="#000" strokeWidth="0.2" />
                        <text x={mm} y="10" textAnchor="middle">
                            {mm}
                        </text>
                    </g>
                ))}
            </svg>
            <div>This bar is 50 mm long. If it is not, print again at 100 %.</div>
        </>
    );
}

/** The head and the rows at life size, with the tools that the seats want. */
function StoneSheet({ job }: { job: Job }) {
    const views = job.page.views.filter((view) => ['head', 'row', 'row-other-way'].includes(view.name));
    return (
        <>
            <Head job={job} title="Stones at life size" />
            <CheckBar />
            {views.length === 0 ? <p>No stone is known yet.</p> : null}
            {views.map((view) => (
                <Fragment key={view.name}>
                    <h2>{view.title}</h2>
                    <Drawing view={plain(view)} lifeSize box={() => null} />
                </Fragment>
            ))}
            <Tools job={job} />
        </>
    );
}

function Template({ job }: { job: Job }) {
    const ring = job.page.views.find((view) => view.name === 'wax');
    const strips = job.page.views.filter((view) => ['grid', 'letters'].includes(view.name));
    return (
        <>
            <Head job={job} title="Template at life size, wax" />
            <CheckBar />
            {strips.map((strip) => (
                <Fragment key={strip.name}>
                    <h2>{strip.title}</h2>
                    <Drawing view={plain(strip)} lifeSize box={() => null} />
                </Fragment>
            ))}
            {strips.length === 0 ? <p>The wax cannot be drawn yet: its form is not known.</p> : null}
            {ring ? (
                <>
                    <h2>Wax, casting (dashed), finished</h2>
                    <Drawing view={plain(ring)} lifeSize box={() => null} />
                </>
            ) : null}
            <WaxFigures job={job} />
        </>
    );
}

function WaxFigures({ job }: { job: Job }) {
    const said = useSaid(job);
    return (
        <Rows
            rows={[
                ['bore', said('wax.dimensions', 'bore', 'length')],
                ['on the stick', said('wax.dimensions', 'bore_mark', 'text')],
                ['width', said('wax.dimensions', 'width', 'length')],
                ['thickness at top', said('wax.dimensions', 'thickness', 'length')],
                ['thickness at base', said('wax.dimensions', 'thickness_base', 'length')],
                ['blank', said('blank.choose', 'blank', 'text').replaceAll('-', ' ')],
                ['slice', said('blank.choose', 'slice', 'length')],
            ]}
        />
    );
}

function Kiln({ job }: { job: Job }) {
    const said = useSaid(job);
    const curve = job.page.views.find((view) => view.name === 'kiln');
    return (
        <>
            <Head job={job} title="Kiln card" />
            <h2>Switch on {said('burnout.programme', 'start_at', 'moment')}</h2>
            {curve ? (
                <Drawing
                    view={curve}
                    height={300}
                    box={(dimension) => <OnPaper job={job} view={curve} dimension={dimension} />}
                />
            ) : (
                <p>The programme is not known yet.</p>
            )}
            <Programme job={job} />
            <Rows
                rows={[
                    ['flask', said('flask.choose', 'flask', 'text')],
                    ['programme', said('burnout.programme', 'school', 'text')],
                    ['switch-on to pour', said('burnout.programme', 'total_min', 'minutes')],
                    ['flask at the pour', said('burnout.programme', 'flask_temperature', 'temperature')],
                ]}
            />
            <p>
                Never above {said('burnout.programme', 'gypsum_limit', 'temperature') ?? '732 °C'}. Wax out
                with the sprue hole down. Ventilate; do not open the kiln on wax vapour.
            </p>
        </>
    );
}

function Casting({ job }: { job: Job }) {
    const said = useSaid(job);
    return (
        <>
            <Head job={job} title="Casting sheet" />
            <h2>The charge</h2>
            <Rows
                rows={[
                    [
                        'method',
                        (decision(job, 'pour.method')?.typed ??
                            job.inputs['metal.charge']?.method?.value) as string,
                    ],
                    ['charge to melt', said('metal.charge', 'charge_mass', 'mass')],
                    ['of it new', said('metal.charge', 'new_share', 'share')],
                    ['button', said('metal.charge', 'button_mass', 'mass')],
                    [
                        'metal between',
                        `${said('pour.temperatures', 'metal_low', 'temperature')} and ${said('pour.temperatures', 'metal_high', 'temperature')}`,
                    ],
                    ['flask at', said('burnout.programme', 'flask_temperature', 'temperature')],
                    ['flask', said('flask.choose', 'flask', 'text')],
                ]}
            />
            <h2>Before the torch is lit</h2>
            <table>
                <tbody>
                    {job.page.cautions.map((caution) => (
                        <tr key={caution}>
                            <td style={{ width: '8mm' }}>☐</td>
                            <td>{caution}</td>
                        </tr>
                    ))}
                </tbody>
            </table>
            <h2>At the torch, in order</h2>
            <table>
                <tbody>
                    {job.page.checklist.map((what) => (
                        <tr key={what}>
                            <td style={{ width: '8mm' }}>☐</td>
                            <td>{what}</td>
                        </tr>
                    ))}
                </tbody>
            </table>
            {job.page.quench ? (
                <p>
                    <b>Quench</b> {job.page.quench}; never with stones in it.
                </p>
            ) : null}
            <h2>After</h2>
            <Rows
                rows={[
                    ['casting should weigh, sprues on', said('metal.charge', 'expected_mass', 'mass')],
                    ['and trimmed', said('metal.charge', 'expected_piece_mass', 'mass')],
                    ['bore should be', said('wax.dimensions', 'bore_as_cast', 'length')],
                    [
                        'casting weighed',
                        said('cast.check', 'off_expected', 'mass') === '–'
                            ? '____________'
                            : `${said('cast.check', 'off_expected', 'mass')} over`,
                    ],
                    ['sprues weighed', '____________'],
                    ['button weighed', '____________'],
                    ['bore measured', '____________'],
                ]}
            />
        </>
    );
}

/** The heats in order, to lie beside the torch. */
function Heats({ job }: { job: Job }) {
    const heats = (job.answers['join.plan']?.results.heats?.value ?? []) as Heat[];
    const stones = (job.answers['join.plan']?.results.stones?.value ?? []) as {
        stone: string;
        when: string;
        why: string;
    }[];
    const map = job.page.views.find((view) => view.name === 'joints');
    return (
        <>
            <Head job={job} title="Heats, hardest first" />
            {map ? <Drawing view={{ ...map, dimensions: [] }} height={300} box={() => null} /> : null}
            {heats.length === 0 ? <p>There is no plan yet.</p> : null}
            {stones.length > 0 ? (
                <Rows rows={stones.map((one) => [one.stone, `${one.when}: ${one.why}`])} />
            ) : null}
            <table>
                <tbody>
                    {heats.map((heat) => (
                        <tr key={heat.number}>
                            <td style={{ width: '8mm', fontSize: '14pt' }}>{heat.number}</td>
                            <td>
                                <b>{heat.joints.join(' + ')}</b>: {heat.label} ({heat.mark}),{' '}
                                <b>{degrees(heat.flow_c)}</b>
                                <br />
                                flame on {heat.flame_on}, {heat.from}
                                {heat.guard.length > 0 ? (
                                    <>
                                        <br />
                                        guard {heat.guard.join(', ')}
                                    </>
                                ) : null}
                                <br />
                                {heat.chips === null ? heat.form : `${heat.chips} ${heat.form}s`}; coat:{' '}
                                {heat.coat}; then {heat.pickle}
                            </td>
                            <td style={{ width: '8mm' }}>☐</td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </>
    );
}

interface Stone {
    name?: Kept;
    species?: Kept;
    shape?: Kept;
    width?: Kept;
    length?: Kept;
    count?: Kept;
    weighed_carats?: Kept;
}

/** What goes with the piece: what it is, what it weighs, and how it is cared for. */
function HandOver({ job }: { job: Job }) {
    const said = useSaid(job);
    const typed = (path: string) => decision(job, path)?.typed;
    const { units } = useUnits();
    const measured = (value: unknown, quantity: string) => {
        const words = say(value, quantity, units);
        return value === undefined ? '' : `${words.figure} ${words.unit}`;
    };
    const kept = (path: string, quantity: string) => measured(decision(job, path)?.value, quantity);
    const advice = (job.answers['care.advice']?.results.advice?.value ?? []) as { words: string }[];
    const left = (job.answers['hand.over']?.results.left?.value ?? []) as { look: string }[];
    const stones = job.document.stones as unknown as Stone[];
    return (
        <>
            <Head job={job} title="Hand-over" />
            <h2>The piece</h2>
            <Rows
                rows={[
                    ['size', typed('handover.size_measured')],
                    ['weighs, stones in', kept('handover.piece_mass', 'mass')],
                    ['metal in it', said('hand.over', 'metal_mass', 'mass')],
                    ['stones, carats', typed('handover.stones_carats')],
                    ['metal', typed('brief.alloy')?.replaceAll('-', ' ')],
                    ['finish', typed('finish.finish')],
                    ['mark', typed('handover.mark')],
                ]}
            />
            {stones.length > 0 ? (
                <>
                    <h2>Stones</h2>
                    <table>
                        <tbody>
                            {stones.map((stone, at) => (
                                <tr key={at}>
                                    <td>
                                        {stone.count ? `${stone.count.typed} × ` : ''}
                                        {[stone.shape?.typed, stone.species?.typed.replaceAll('-', ' ')]
                                            .filter(Boolean)
                                            .join(' ')}
                                    </td>
                                    <td>
                                        {[stone.length, stone.width]
                                            .flatMap((one) => (one ? [measured(one.value, 'length')] : []))
                                            .join(' × ')}
                                    </td>
                                    <td>{stone.weighed_carats ? `${stone.weighed_carats.typed} ct` : ''}</td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                </>
            ) : null}
            {decision(job, 'handover.client_metal') ? (
                <>
                    <h2>Your metal</h2>
                    <Rows
                        rows={[
                            ['given', kept('handover.client_metal', 'mass')],
                            ['returned', kept('handover.client_returned', 'mass')],
                            ['still with us', said('hand.over', 'client_balance', 'mass')],
                        ]}
                    />
                </>
            ) : null}
            <h2>How to care for it</h2>
            <ul>
                {advice.map((one) => (
                    <li key={one.words}>{one.words}</li>
                ))}
            </ul>
            {left.length > 0 ? (
                <p className="no-print">Not yet looked at: {left.map((one) => one.look).join('; ')}.</p>
            ) : null}
            <table style={{ marginTop: '14mm' }}>
                <tbody>
                    <tr>
                        <td>handed over, date ______________</td>
                        <td>received ______________________</td>
                    </tr>
                </tbody>
            </table>
        </>
    );
}
