import { QuoteTable } from '../../pages/price/QuoteTable';
import { usePrice } from '../../pages/price/usePrice';
import { decision, Head, Rows, type Printed } from '../parts';

/** The quote as a client is given it: itemised, with what is paid when. */
export function QuoteSheet({ job }: Printed) {
    const { data: price } = usePrice(String(job.number));
    if (!price) return null;
    return (
        <>
            <Head job={job} title="Quote" />
            <Rows
                rows={[
                    ['finger', decision(job, 'brief.finger')?.typed],
                    ['what the client wants', decision(job, 'brief.note')?.typed],
                ]}
            />
            <h2>What it costs</h2>
            {price.quote ? <QuoteTable price={price} told /> : <p>Nothing can be priced yet.</p>}
            <p>
                Prices of metal change from day to day; this quote holds those of today. What the law asks of
                a quote or an invoice, and which tax, the law decides.
            </p>
            <table style={{ marginTop: '14mm' }}>
                <tbody>
                    <tr>
                        <td>date ______________</td>
                        <td>agreed ______________________</td>
                    </tr>
                </tbody>
            </table>
        </>
    );
}
