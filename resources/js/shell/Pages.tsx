import { Box, Flex, type FlexProps } from '@chakra-ui/react';
import { NavLink } from 'react-router';

/** Every page of the workshop: where it is, what it is called, and its key. */
export const PAGES = [
    ['/', 'Today', 't'],
    ['/jobs', 'Jobs', 'j'],
    ['/plan', 'Plan', 'l'],
    ['/casting', 'Casting', 'c'],
    ['/metal', 'Metal', 'm'],
    ['/sums', 'Sums', 's'],
    ['/rehearse', 'Rehearse', 'r'],
    ['/shop', 'Shop', 'o'],
] as const;

/** What the page at a path belongs to. */
export function pageAt(pathname: string): string {
    return PAGES.find(([to]) => (to === '/' ? pathname === '/' : pathname.startsWith(to)))?.[1] ?? 'Pages';
}

/** The ways to every page. */
export function Pages({ folds, onGo }: { folds: FlexProps; onGo: () => void }) {
    return (
        <Flex as="nav" aria-label="Pages" gap={2} {...folds}>
            {PAGES.map(([to, label]) => (
                <NavLink
                    key={to}
                    to={to}
                    end={to === '/'}
                    onClick={onGo}
                    style={{ minWidth: 48, minHeight: 52, alignItems: 'center', justifyContent: 'center' }}
                    className={to === '/rehearse' ? 'page-when-wide' : 'page'}
                >
                    {({ isActive }) => (
                        <Box
                            as="span"
                            borderBottomWidth="3px"
                            borderColor={isActive ? 'ink' : 'transparent'}
                            py="13px"
                            color={isActive ? 'ink' : 'soft'}
                            fontSize="16px"
                        >
                            {label}
                        </Box>
                    )}
                </NavLink>
            ))}
        </Flex>
    );
}
