import { Chart, useChart } from '@chakra-ui/charts';
import { CartesianGrid, Line, LineChart, XAxis, YAxis } from 'recharts';
import { moment } from '../bench/units';

interface Price {
    price: number;
    on: string;
}

/** One metal's price by day. The table beside it says the same to who cannot see it. */
export default function PriceChart({ prices }: { prices: Price[] }) {
    const chart = useChart({ data: prices });
    return (
        <Chart.Root h="140px" aspectRatio="auto" fontSize="13px" chart={chart} aria-hidden>
            <LineChart
                data={chart.data}
                responsive
                accessibilityLayer={false}
                margin={{ top: 8, right: 8, bottom: 0, left: 0 }}
            >
                <CartesianGrid vertical={false} stroke="var(--chakra-colors-rule)" />
                <XAxis dataKey="on" tickFormatter={(day: string) => moment(day)} minTickGap={40} />
                <YAxis domain={['auto', 'auto']} width={52} />
                <Line
                    dataKey="price"
                    isAnimationActive={false}
                    dot={{ r: 3 }}
                    stroke="var(--chakra-colors-verdigris)"
                    strokeWidth={2}
                />
            </LineChart>
        </Chart.Root>
    );
}
