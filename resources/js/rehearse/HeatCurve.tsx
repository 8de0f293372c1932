import { Chart, useChart } from '@chakra-ui/charts';
import { CartesianGrid, Line, LineChart, ReferenceLine, XAxis, YAxis } from 'recharts';
import type { Schemas } from '../api/types';
import { say, useUnits } from '../bench/units';

type Heat = NonNullable<Schemas['Rehearsed']['heat']>;

/** Both sides of one joint as they came to heat, against where flux clears, solder flows and metal melts. */
export default function HeatCurve({ heat, joint }: { heat: Heat; joint: string }) {
    const { units } = useUnits();
    const heats = (celsius: number) => Number(say(celsius, 'temperature', units).figure);
    const rows = heat.curve.filter((one) => one.joint === joint);
    const limits = heat.lines.find((one) => one.joint === joint)!;
    const chart = useChart({
        data: rows.map((one) => ({ at: one.at_s, one: heats(one.one_c), other: heats(one.other_c) })),
    });
    const lines: [number, string, string][] = [
        [limits.clear_c, 'flux clear', 'soft'],
        [limits.flow_c, 'solder flows', 'verdigris'],
        [limits.solidus_c, 'metal melts', 'hot'],
    ];
    return (
        <Chart.Root h="240px" aspectRatio="auto" fontSize="13px" chart={chart} aria-hidden>
            <LineChart
                data={chart.data}
                responsive
                accessibilityLayer={false}
                margin={{ top: 8, right: 76, bottom: 4, left: 0 }}
            >
                <CartesianGrid vertical={false} stroke="var(--chakra-colors-rule)" />
                <XAxis dataKey="at" type="number" domain={[0, 'dataMax']} unit=" s" minTickGap={30} />
                <YAxis
                    domain={[0, Math.ceil(heats(limits.solidus_c * 1.1) / 100) * 100]}
                    allowDataOverflow
                    width={58}
                    unit={` °${units.temperature}`}
                    tickFormatter={(value: number) => value.toFixed(0)}
                />
                {lines.map(([celsius, words, colour]) => (
                    <ReferenceLine
                        key={words}
                        y={heats(celsius)}
                        stroke={`var(--chakra-colors-${colour})`}
                        strokeDasharray="5 4"
                        label={{
                            value: words,
                            position: 'right',
                            fontSize: 13,
                            fill: 'var(--chakra-colors-ink)',
                        }}
                    />
                ))}
                {heat.marks
                    .filter((mark) => mark.at === joint && mark.sign === 'flashes')
                    .map((mark) => (
                        <ReferenceLine key={mark.at_s} x={mark.at_s} stroke="var(--chakra-colors-brass)" />
                    ))}
                <Line
                    dataKey="one"
                    dot={false}
                    isAnimationActive={false}
                    stroke="var(--chakra-colors-ink)"
                    strokeWidth={2}
                />
                <Line
                    dataKey="other"
                    dot={false}
                    isAnimationActive={false}
                    stroke="var(--chakra-colors-brass)"
                    strokeWidth={2}
                    strokeDasharray="7 3"
                />
            </LineChart>
        </Chart.Root>
    );
}
