import type { Schemas } from '../../api/types';
import { WideTable } from '../../bench/WideTable';

export interface QuoteLine {
    group: string;
    label: string;
    quantity: number;
    unit: string;
    rate: number | null;
    amount: number;
}

/** An amount as it is written: whole coins of its currency, as many places as it has. */
export const money = (amount: unknown, currency: string) =>
    typeof amount === 'number'
        ? new Intl.NumberFormat('en-GB', { style: 'currency', currency, currencyDisplay: 'code' }).format(
              amount,
          )
        : '–';

/** A quote line by line: from what it costs to what is paid, or as the client is told, the margin in each line. */
export function QuoteTable({ price, told = false }: { price: Schemas['JobPrice']; told?: boolean }) {
    const { quote, currency } = price;
    if (!quote) return null;
    const lines = (quote.results[told ? 'client_lines' : 'lines']?.value ?? []) as QuoteLine[];
    const of = (name: string) => money(quote.results[name]?.value, currency);
    return (
        <WideTable label="Quote">
            <tbody>
                {lines.map((line, at) => (
                    <tr key={at} data-line={line.label}>
                        <td>{line.label}</td>
                        <td>
                            {line.unit
                                ? `${Number(line.quantity.toFixed(3))} ${line.unit}${
                                      line.quantity === 1 || ['g', 'kg', 'min'].includes(line.unit) ? '' : 's'
                                  }`
                                : ''}
                        </td>
                        <td>{money(line.amount, currency)}</td>
                    </tr>
                ))}
                <tr data-line="total">
                    <td>
                        <b>to pay</b>
                    </td>
                    <td></td>
                    <td>
                        <b>{of('total')}</b>
                    </td>
                </tr>
                {quote.results.tax?.value ? (
                    <tr>
                        <td>of it tax</td>
                        <td></td>
                        <td>{of('tax')}</td>
                    </tr>
                ) : null}
                <tr>
                    <td>before work begins</td>
                    <td></td>
                    <td>{of('deposit')}</td>
                </tr>
                <tr>
                    <td>at hand-over</td>
                    <td></td>
                    <td>{of('balance')}</td>
                </tr>
            </tbody>
        </WideTable>
    );
}
