import { Box, Flex } from '@chakra-ui/react';
import { Link, useParams } from 'react-router';
import type { Schemas } from '../../api/types';
import { Fetching } from '../../bench/Fetching';
import { LevelMark } from '../../bench/marks';
import { say, useUnits } from '../../bench/units';
import { WideTable } from '../../bench/WideTable';
import { Drawing } from '../../drawing/Drawing';
import { JobThread } from '../plan/JobThread';
import { NotHere } from '../../shell/NotHere';
import { useTitle } from '../../shell/useTitle';
import { Paid } from './Paid';
import { Quotes } from './Quotes';
import { money, QuoteTable } from './QuoteTable';
import { usePrice } from './usePrice';

/** What a job costs as it stands, line by line, in other metals too, and what is still to be done of it. */
export default function PricePage() {
    const { number } = useParams();
    const { units } = useUnits();
    useTitle(`Price · ${number}`);
    const query = usePrice(number);
    const { data: price, error } = query;
    if (error && !price) return <NotHere title={`Job ${number}`} words={error.message} />;
    if (!price) return <Fetching words="Adding it up…" query={query} />;
    const minutes = (name: string) => {
        const said = say(price.left.results[name]?.value, 'minutes', units);
        return `${said.figure} ${said.unit}`;
    };
    return (
        <Box as="main" px={5} py={5} maxW="1180px" w="full" mx="auto">
            <Flex align="baseline" gap={4} wrap="wrap" mb={2}>
                <Box as="h1" fontSize="24px" fontWeight="600">
                    {number} · price
                </Box>
                <Box color="soft" flex="1">
                    as it stands now, at the workshop’s present prices and minutes
                </Box>
                <Link className="way-on" to={`/print/${number}/quote`}>
                    Print the quote
                </Link>
                <Link className="way-on" to={`/jobs/${number}`}>
                    Back to the job
                </Link>
            </Flex>
            <Unsaid unsaid={price.unsaid} />
            <Flex gap={8} direction={{ base: 'column', lg: 'row' }}>
                <Box flex="1" minW={0}>
                    {price.drawn ? <Drawing view={price.drawn} height={330} box={() => null} /> : null}
                    {price.quote ? (
                        <QuoteTable price={price} />
                    ) : (
                        <Box py={3}>Nothing can be priced yet: say its metal and its form first.</Box>
                    )}
                    {price.quote?.findings.map((finding) => (
                        <Flex key={finding.code} gap={2} py={1}>
                            <LevelMark level={finding.level} />
                            <Box>
                                {finding.message} {finding.remedy}
                            </Box>
                        </Flex>
                    ))}
                    <Instead price={price} />
                    <Quotes price={price} number={String(number)} />
                    <Paid price={price} number={String(number)} />
                </Box>
                <Box as="section" w={{ base: 'full', lg: '440px' }} flexShrink={0}>
                    <Box as="h2" fontSize="17px" fontWeight="600">
                        Still to be done
                    </Box>
                    {price.thread ? (
                        <>
                            <Drawing view={price.thread} height={400} box={() => null} />
                            <Box data-testid="left">
                                {minutes('attended')} at the bench, {minutes('waiting')} of waiting: the
                                client, the standing, the kiln and the pickle.
                            </Box>
                        </>
                    ) : (
                        <Box>Every step is done.</Box>
                    )}
                    <JobThread number={String(number)} />
                </Box>
            </Flex>
        </Box>
    );
}

/** Prices that nobody has said: without them the quote is too low, and says so. */
function Unsaid({ unsaid }: { unsaid: Schemas['JobPrice']['unsaid'] }) {
    if (unsaid.length === 0) return null;
    return (
        <Flex gap={2} borderLeftWidth="3px" borderColor="brass" pl={3} my={2} data-testid="unsaid">
            <LevelMark level="caution" />
            <Box>
                This is too low: nobody has said yet what {unsaid.map((one) => one.label).join(', or ')}.{' '}
                <Link className="way-on" to="/shop">
                    Say it in Shop
                </Link>
            </Box>
        </Flex>
    );
}

/** The same piece in other metals and widths, side by side. */
function Instead({ price }: { price: Schemas['JobPrice'] }) {
    const { units } = useUnits();
    const total = price.quote?.results.total?.value;
    if (typeof total !== 'number') return null;
    const wide = (mm: number) => {
        const said = say(mm, 'length', units);
        return `${said.figure} ${said.unit} wide`;
    };
    return (
        <>
            <Beside
                title="In another metal"
                total={total}
                currency={price.currency}
                rows={price.instead.map((one) => ({ key: one.alloy, label: one.label, total: one.total }))}
            />
            <Beside
                title="In another width"
                total={total}
                currency={price.currency}
                rows={price.widths.map((one) => ({
                    key: String(one.width),
                    label: wide(one.width),
                    total: one.total,
                }))}
            />
        </>
    );
}

function Beside({
    title,
    total,
    currency,
    rows,
}: {
    title: string;
    total: number;
    currency: string;
    rows: { key: string; label: string; total: number }[];
}) {
    if (rows.length === 0) return null;
    return (
        <Box as="section" mt={4}>
            <Box as="h2" fontSize="17px" fontWeight="600">
                {title}
            </Box>
            <WideTable label={title}>
                <tbody>
                    {rows.map((one) => (
                        <tr key={one.key} data-alloy={one.key}>
                            <td>{one.label}</td>
                            <td>{money(one.total, currency)}</td>
                            <td>
                                {one.total >= total ? '+' : '−'}
                                {money(Math.abs(one.total - total), currency)}
                            </td>
                        </tr>
                    ))}
                </tbody>
            </WideTable>
        </Box>
    );
}
