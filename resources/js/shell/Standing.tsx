import { Box, Flex } from '@chakra-ui/react';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { Link, useLocation } from 'react-router';
import type { Bench } from '../api/types';
import { drafts } from '../job/drafts';
import { wall } from './zone';

const hour = (moment: number) => wall(new Date(moment).toISOString()).slice(11);

/** Whether a request's answer was lost and is being asked after. */
function useLostAnswer(): boolean {
    const [lost, setLost] = useState(false);
    useEffect(() => {
        const on = () => setLost(true);
        const off = () => setLost(false);
        window.addEventListener('answer-lost', on);
        window.addEventListener('answer-found', off);
        return () => {
            window.removeEventListener('answer-lost', on);
            window.removeEventListener('answer-found', off);
        };
    }, []);
    return lost;
}

/**
 * What stands between what was done here and the application, on every page: a line that is cut, edits that wait, an
 * answer that was lost, a role that reads only.
 */
export function Standing({ bench, cutSince }: { bench: Bench; cutSince: number | null }) {
    const { pathname } = useLocation();
    const waiting = useSyncExternalStore(drafts.subscribe, drafts.waiting);
    const lost = useLostAnswer();
    const elsewhere = waiting.filter(
        (one) => !new RegExp(`^/jobs/${one.number}(/|$)`).test(pathname) || one.trouble !== null,
    );
    const reads = bench.person !== null && !bench.may.includes('work');
    if (!lost && !reads && cutSince === null && elsewhere.length === 0) return null;
    return (
        <Flex
            role="status"
            data-testid="standing"
            className="no-print"
            gap={5}
            px={5}
            py="6px"
            wrap="wrap"
            bg="sunk"
            borderBottomWidth="1px"
            borderColor="rule"
            fontSize="14.5px"
        >
            {reads ? <Box>{bench.person?.name} may read here; nothing typed is saved.</Box> : null}
            {cutSince !== null ? (
                <Box color="hot" data-testid="line-cut">
                    The application has not answered since {hour(cutSince)}: what stands here is of then. What
                    is typed is kept on this machine.
                </Box>
            ) : null}
            {lost ? <Box color="hot">The answer was lost; asking what became of it…</Box> : null}
            {elsewhere.map((one) => (
                <Link
                    key={one.number}
                    to={`/jobs/${one.number}`}
                    style={{
                        textDecoration: 'underline',
                        minHeight: 44,
                        display: 'flex',
                        alignItems: 'center',
                    }}
                >
                    {one.count === 1 ? '1 edit' : `${one.count} edits`} of {one.number}{' '}
                    {one.count === 1 ? 'is' : 'are'} waiting
                </Link>
            ))}
        </Flex>
    );
}
