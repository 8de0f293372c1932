import { useSearchParams } from 'react-router';
import { moment } from '../../bench/units';
import { money, type QuoteLine } from '../../pages/price/QuoteTable';
import { usePrice } from '../../pages/price/usePrice';
import { Head, Rows, type Printed } from '../parts';

/** A receipt for one payment. */
export function ReceiptSheet({ job }: Printed) {
    const [search] = useSearchParams();
    const { data: price } = usePrice(String(job.number));
    if (!price) return null;
    const payment = price.payments.find((one) => String(one.number) === search.get('no'));
    if (!payment) return <p>There is no such receipt of this job.</p>;
    return (
        <>
            <Head job={job} title={`Receipt ${payment.number}`} />
            <Rows
                rows={[
                    ['paid on', moment(payment.paid_on)],
                    ['for', payment.kind],
                    ['how', payment.how],
                    ['amount', money(payment.amount, payment.currency)],
                    [
                        'still owed',
                        price.settled.owed === null ? null : money(price.settled.owed, price.currency),
                    ],
                ]}
            />
            <Law words={price.invoice_text} />
        </>
    );
}

/** The invoice for the quote that was accepted. */
export function InvoiceSheet({ job }: Printed) {
    const { data: price } = usePrice(String(job.number));
    if (!price) return null;
    const { settled, currency } = price;
    const quote = price.quotes.find((one) => one.number === settled.quote);
    if (!settled.invoice || !quote) return <p>No invoice is made out yet.</p>;
    return (
        <>
            <Head job={job} title={`Invoice ${settled.invoice.number}`} />
            <Rows
                rows={[
                    ['issued on', moment(settled.invoice.issued_on)],
                    ['for quote', String(quote.number)],
                ]}
            />
            <table className="figures wide" aria-label="Invoice">
                <tbody>
                    {(quote.lines as Pick<QuoteLine, 'label' | 'amount'>[]).map((line) => (
                        <tr key={line.label}>
                            <td>{line.label}</td>
                            <td>{money(line.amount, currency)}</td>
                        </tr>
                    ))}
                    <tr data-line="total">
                        <td>
                            <b>to pay</b>
                        </td>
                        <td>
                            <b>{money(quote.total, quote.currency)}</b>
                        </td>
                    </tr>
                    <tr>
                        <td>paid</td>
                        <td>{money(settled.paid, currency)}</td>
                    </tr>
                    <tr>
                        <td>owed</td>
                        <td>{money(settled.owed, currency)}</td>
                    </tr>
                </tbody>
            </table>
            <Law words={price.invoice_text} />
        </>
    );
}

function Law({ words }: { words: string | null }) {
    return (
        <>
            {words ? <p style={{ whiteSpace: 'pre-line' }}>{words}</p> : null}
            <p>What the law asks of a receipt or an invoice, and which tax, the law decides.</p>
        </>
    );
}
