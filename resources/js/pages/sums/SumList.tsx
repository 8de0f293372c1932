import { Box, Flex } from '@chakra-ui/react';
import { Link } from 'react-router';
import type { Sheet } from '../../api/types';
import { lately } from './lately';

/** Every sum in bench order, by what it is about; the last ones opened stand first. */
export function SumList({ sheets, name }: { sheets: Sheet[]; name: string }) {
    const groups = [...new Set(sheets.map((one) => one.group))];
    const recent = lately(sheets).filter((one) => one.name !== name);
    return (
        <Box as="nav" aria-label="Sums" w={{ base: 'full', lg: '210px' }} flexShrink={0} py={4}>
            {recent.length > 0 ? <Group title="Lately" sheets={recent} name={name} open /> : null}
            {groups.map((group) => {
                const own = sheets.filter((one) => one.group === group);
                return (
                    <Group
                        key={group}
                        title={group}
                        sheets={own}
                        name={name}
                        open={own.some((one) => one.name === name)}
                    />
                );
            })}
            <Link className="way-on" to="/rehearse">
                Rehearse at the torch
            </Link>
        </Box>
    );
}

interface Props {
    title: string;
    sheets: Sheet[];
    name: string;
    open: boolean;
}

function Group({ title, sheets, name, open }: Props) {
    return (
        <details open={open} data-group={title}>
            <Box as="summary" minH="44px" lineHeight="44px" cursor="pointer" fontWeight="600">
                {title}
            </Box>
            <Box display={{ base: 'flex', lg: 'block' }} flexWrap="wrap">
                {sheets.map((one) => (
                    <Link
                        key={one.name}
                        to={`/sums/${one.name}`}
                        aria-current={one.name === name ? 'page' : undefined}
                    >
                        <Flex
                            minH="44px"
                            align="center"
                            px={2}
                            borderLeftWidth="3px"
                            borderColor={one.name === name ? 'verdigris' : 'transparent'}
                            fontWeight={one.name === name ? 600 : 400}
                        >
                            {one.title}
                        </Flex>
                    </Link>
                ))}
            </Box>
        </details>
    );
}
