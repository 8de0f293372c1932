import { Chart, useChart } from '@chakra-ui/charts';
import { useNavigate } from 'react-router';
import {
    CartesianGrid,
    ReferenceLine,
    Scatter,
    ScatterChart,
    Tooltip,
    XAxis,
    YAxis,
    type ScatterShapeProps,
} from 'recharts';
import type { Schemas } from '../../api/types';
import { moment, useUnits } from '../../bench/units';
import { learnt } from './learnt';

type Own = Schemas['OwnFigures']['figures'][number];

/** Samples in time: filled where they count, hollow where set aside; the usual figure dashed, one's own solid. */
export default function SamplesChart({ own, apart }: { own: Own; apart: (at: number) => boolean }) {
    const go = useNavigate();
    const { units } = useUnits();
    const data = own.samples.map((one, at) => ({ ...one, at: at + 1, day: one.at, apart: apart(at) }));
    const chart = useChart({ data });
    const said = (value: unknown) => learnt(value, own.quantity, units);
    const dot = ({ cx, cy, payload }: ScatterShapeProps) => {
        const hollow = (payload as (typeof data)[number]).apart;
        return (
            <circle
                cx={cx}
                cy={cy}
                r={6}
                fill={hollow ? 'var(--chakra-colors-paper)' : 'var(--chakra-colors-brass)'}
                stroke="var(--chakra-colors-ink)"
                strokeWidth={hollow ? 2 : 1}
                style={{ cursor: 'pointer' }}
            />
        );
    };
    const figure = own.answer.results.figure?.value as number;
    return (
        <Chart.Root h="200px" aspectRatio="auto" fontSize="13px" chart={chart} aria-hidden>
            <ScatterChart
                responsive
                accessibilityLayer={false}
                margin={{ top: 12, right: 70, bottom: 4, left: 4 }}
            >
                <CartesianGrid vertical={false} stroke="var(--chakra-colors-rule)" />
                <XAxis
                    dataKey="at"
                    type="number"
                    domain={[0.5, data.length + 0.5]}
                    tickFormatter={(at: number) => (data[at - 1] ? moment(data[at - 1]!.day) : '')}
                    tickCount={Math.min(6, data.length)}
                    allowDecimals={false}
                />
                <YAxis
                    dataKey="value"
                    type="number"
                    domain={['auto', 'auto']}
                    tickFormatter={said}
                    width={64}
                />
                <Tooltip
                    cursor={false}
                    content={({ payload }) => {
                        const one = payload?.[0]?.payload as (typeof data)[number] | undefined;
                        return one ? (
                            <div className="chart-said">
                                job {one.job}, {moment(one.day)}: {said(one.value)}
                                {one.apart ? ', set aside' : ''}
                            </div>
                        ) : null;
                    }}
                />
                <ReferenceLine
                    y={own.usual}
                    stroke="var(--chakra-colors-soft)"
                    strokeDasharray="6 4"
                    label={{ value: 'usual', position: 'insideTopLeft' }}
                    ifOverflow="extendDomain"
                />
                <ReferenceLine
                    y={figure}
                    stroke="var(--chakra-colors-verdigris)"
                    strokeWidth={2}
                    label={{ value: 'own', position: 'right' }}
                    ifOverflow="extendDomain"
                />
                <Scatter
                    data={data}
                    shape={dot}
                    isAnimationActive={false}
                    onClick={(point) => {
                        const job = (point as unknown as { payload?: { job?: string } }).payload?.job;
                        if (job) void go(`/jobs/${job}`);
                    }}
                />
            </ScatterChart>
        </Chart.Root>
    );
}
