import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { Schemas } from '../../api/types';
import { Act } from '../../bench/Act';
import { Typed, When } from '../../bench/fields';
import { LevelMark } from '../../bench/marks';
import { Refused } from '../../bench/Refused';
import { moment } from '../../bench/units';
import { WideTable } from '../../bench/WideTable';
import { money } from './QuoteTable';
import { usePriceChange, type Price } from './usePrice';

type Quote = Schemas['Quote'];

/** Quotes as they were issued: sent, answered, overtaken, each held against the one before. */
export function Quotes({ price, number }: { price: Price; number: string }) {
    const change = usePriceChange(number);
    const [until, setUntil] = useState('');
    const [discount, setDiscount] = useState('');
    const [reason, setReason] = useState('');
    const [others, setOthers] = useState(false);
    const issue = () =>
        change.mutate(
            {
                path: `jobs/${number}/quotes`,
                body: {
                    ...(until ? { until } : {}),
                    ...(discount ? { discount: Number(discount.replace(',', '.')) } : {}),
                    ...(reason ? { reason } : {}),
                    ...(others ? { others } : {}),
                },
            },
            { onSuccess: () => (setDiscount(''), setReason('')) },
        );
    return (
        <Box as="section" mt={5} data-testid="quotes">
            <Box as="h2" fontSize="17px" fontWeight="600">
                Quotes
            </Box>
            {price.quotes.length === 0 ? (
                <Box color="soft">None is issued yet. What is issued is kept as it is, and numbered.</Box>
            ) : null}
            {price.quotes.map((quote) => (
                <Issued key={quote.id} quote={quote} number={number} />
            ))}
            <Flex gap={2} mt={2} align="end" wrap="wrap">
                <When label="stands until" day value={until} onChange={setUntil} />
                <Typed label="discount" value={discount} onChange={setDiscount} />
                <Typed label="why it is taken off" value={reason} wide onChange={setReason} />
                <label style={{ display: 'flex', gap: 8, alignItems: 'center', minHeight: 44 }}>
                    <input
                        type="checkbox"
                        checked={others}
                        style={{ width: 24, height: 24 }}
                        onChange={(event) => setOthers(event.target.checked)}
                    />
                    with other metals and widths beside it
                </label>
                <Act
                    kind={price.quotes.length === 0 ? 'main' : 'line'}
                    disabled={!price.quote}
                    loading={change.isPending}
                    onClick={issue}
                >
                    {price.quotes.length === 0 ? 'Issue the quote' : 'Issue a new one'}
                </Act>
            </Flex>
            {price.quote ? null : (
                <Box color="soft">It cannot be issued before its metal and its form are known.</Box>
            )}
            <Refused error={change.error} />
        </Box>
    );
}

function Issued({ quote, number }: { quote: Quote; number: string }) {
    const change = usePriceChange(number);
    const [to, setTo] = useState('');
    const [by, setBy] = useState('');
    const isOpen = quote.answer === null && !quote.overtaken;
    const answer = (what: 'accepted' | 'declined') =>
        change.mutate({ path: `quotes/${quote.id}/answer`, body: { what, by } });
    return (
        <Box borderTopWidth="1px" borderColor="rule" py={2} data-quote={quote.number}>
            <Flex gap={3} align="baseline" wrap="wrap">
                <Box fontWeight="600">No. {quote.number}</Box>
                <Box>{money(quote.total, quote.currency)}</Box>
                <Box color="soft">
                    issued {moment(quote.issued_at)}, stands until {moment(quote.until)}
                    {quote.sent_at ? `, sent ${moment(quote.sent_at)}` : ''}
                </Box>
                <Box fontWeight="600" color={quote.answer === 'declined' ? 'hot' : 'ink'}>
                    {quote.answer
                        ? `${quote.answer} by ${quote.answered_by}`
                        : quote.overtaken
                          ? 'overtaken by a newer one'
                          : ''}
                </Box>
            </Flex>
            {quote.words ? <Box dir="auto">“{quote.words}”</Box> : null}
            {quote.findings.map((finding) => (
                <Flex key={finding.code} gap={2}>
                    <LevelMark level={finding.level} />
                    <Box>
                        {finding.message} {finding.remedy}
                    </Box>
                </Flex>
            ))}
            <Changes title="against the one before" changes={quote.changes} currency={quote.currency} />
            {isOpen ? (
                <Flex gap={2} mt={1} align="center" wrap="wrap">
                    <Typed label="send to" value={to} wide onChange={setTo} />
                    <Act
                        kind="line"
                        disabled={to.trim() === ''}
                        loading={change.isPending}
                        onClick={() => change.mutate({ path: `quotes/${quote.id}/send`, body: { to } })}
                    >
                        Send the link
                    </Act>
                    <Typed label="said by" value={by} onChange={setBy} />
                    <Act
                        kind="quiet"
                        disabled={by.trim() === ''}
                        loading={change.isPending}
                        onClick={() => answer('accepted')}
                    >
                        accepted
                    </Act>
                    <Act
                        kind="quiet"
                        disabled={by.trim() === ''}
                        loading={change.isPending}
                        onClick={() => answer('declined')}
                    >
                        declined
                    </Act>
                </Flex>
            ) : null}
            {change.data?.address ? (
                <Box role="status" overflowWrap="anywhere" data-testid="quote-link">
                    The link, told this once: {change.data.address}
                </Box>
            ) : null}
            <Refused error={change.error} />
        </Box>
    );
}

/** Lines that differ between two sums; nothing where none does. */
export function Changes({
    title,
    changes,
    currency,
}: {
    title: string;
    changes: Schemas['QuoteChanges'];
    currency: string;
}) {
    if (changes.length === 0) return null;
    return (
        <WideTable label={title}>
            <tbody>
                {changes.map((one) => (
                    <tr key={one.label} data-change={one.label}>
                        <td>{one.label}</td>
                        <td>{money(one.before, currency)}</td>
                        <td>{money(one.after, currency)}</td>
                        <td>
                            {one.difference >= 0 ? '+' : '−'}
                            {money(Math.abs(one.difference), currency)}
                        </td>
                    </tr>
                ))}
            </tbody>
        </WideTable>
    );
}
