import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { Link } from 'react-router';
import { Act } from '../../bench/Act';
import { Pick, Typed, When } from '../../bench/fields';
import { Refused } from '../../bench/Refused';
import { moment } from '../../bench/units';
import { today } from '../../shell/zone';
import { money } from './QuoteTable';
import { Changes } from './Quotes';
import { usePriceChange, type Price } from './usePrice';

const KINDS: [string, string][] = [
    ['deposit', 'deposit'],
    ['balance', 'balance'],
    ['refund', 'given back'],
];

/** What was paid, what is owed, the invoice, and what the job came to. */
export function Paid({ price, number }: { price: Price; number: string }) {
    const change = usePriceChange(number);
    const { settled, currency } = price;
    const [kind, setKind] = useState('deposit');
    const [amount, setAmount] = useState('');
    const [day, setDay] = useState(today());
    const [how, setHow] = useState('');
    return (
        <Box as="section" mt={5} data-testid="paid">
            <Box as="h2" fontSize="17px" fontWeight="600">
                Payments
            </Box>
            {settled.owed === null ? (
                <Box color="soft">Nothing is owed before a quote is accepted.</Box>
            ) : (
                <Box data-testid="owed">
                    {money(settled.paid, currency)} paid of quote {settled.quote};{' '}
                    {settled.owed > 0
                        ? `${money(settled.owed, currency)} owed`
                        : settled.owed < 0
                          ? `${money(-settled.owed, currency)} too much`
                          : 'all of it is paid'}
                    .
                </Box>
            )}
            {price.payments.map((one) => (
                <Flex
                    key={one.id}
                    gap={3}
                    align="center"
                    wrap="wrap"
                    borderTopWidth="1px"
                    borderColor="rule"
                    data-receipt={one.number}
                >
                    <Box minW="90px">receipt {one.number}</Box>
                    <Box minW="110px">{moment(one.paid_on)}</Box>
                    <Box flex="1" minW="160px">
                        {KINDS.find(([name]) => name === one.kind)?.[1]} {one.how}
                        {one.reversed ? ' (reversed)' : ''}
                    </Box>
                    <Box>{money(one.amount, one.currency)}</Box>
                    <Link className="way-on" to={`/print/${number}/receipt?no=${one.number}`}>
                        print
                    </Link>
                    {one.reverses || one.reversed ? null : (
                        <Act
                            kind="quiet"
                            aria-label={`Reverse receipt ${one.number}`}
                            loading={change.isPending}
                            onClick={() => change.mutate({ path: `payments/${one.id}/reverse` })}
                        >
                            reverse
                        </Act>
                    )}
                </Flex>
            ))}
            <Flex gap={2} mt={2} align="end" wrap="wrap">
                <Pick label="Kind of payment" value={kind} options={KINDS} onChange={setKind} />
                <Typed label="amount" value={amount} onChange={setAmount} />
                <When label="paid on" day value={day} onChange={setDay} />
                <Typed label="how" value={how} onChange={setHow} />
                <Act
                    kind="line"
                    disabled={amount.trim() === ''}
                    loading={change.isPending}
                    onClick={() =>
                        change.mutate(
                            { path: `jobs/${number}/payments`, body: { kind, amount, paid_on: day, how } },
                            { onSuccess: () => setAmount('') },
                        )
                    }
                >
                    Write it down
                </Act>
            </Flex>
            <Flex gap={3} mt={2} align="center" wrap="wrap">
                {settled.invoice ? (
                    <Link className="way-on" to={`/print/${number}/invoice`}>
                        Invoice {settled.invoice.number}
                    </Link>
                ) : settled.quote ? (
                    <Act
                        kind="line"
                        loading={change.isPending}
                        onClick={() => change.mutate({ path: `jobs/${number}/invoice` })}
                    >
                        Make the invoice out
                    </Act>
                ) : null}
                <a className="way-on" href="/api/quotes.csv">
                    quotes as a table
                </a>
                <a className="way-on" href="/api/payments.csv">
                    payments as a table
                </a>
            </Flex>
            <Refused error={change.error} />
            {price.spent.length > 0 ? (
                <Box mt={4} data-testid="spent">
                    <Box as="h2" fontSize="17px" fontWeight="600">
                        Actual against quoted
                    </Box>
                    <Box color="soft">Metal by what was charged and came back, minutes by their clocks.</Box>
                    <Changes title="actual against quoted" changes={price.spent} currency={currency} />
                </Box>
            ) : null}
        </Box>
    );
}
