import { Box, Flex } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import type { StationName } from '../api/types';
import { Act } from '../bench/Act';
import { Fetching } from '../bench/Fetching';

/** The pages of docs/help, each fetched when it is opened. */
const PAGES = import.meta.glob<string>('../../../docs/help/*.md', { query: '?raw', import: 'default' });

/** How a station works, in a goldsmith's words, with the parts of its drawing named. */
export function StationHelp({ station, onClose }: { station: StationName; onClose: () => void }) {
    const query = useQuery({
        queryKey: ['help', station],
        queryFn: () => PAGES[`../../../docs/help/${station}.md`]!(),
        staleTime: Infinity,
    });
    if (query.data === undefined) return <Fetching words="Turning the page…" query={query} />;
    return (
        <Box as="section" aria-label="Help" data-testid="help" bg="sunk" p={4} borderRadius="3px">
            {query.data
                .trim()
                .split(/\n\n+/)
                .map((block, at) => (
                    <Block key={at} text={block} />
                ))}
            <Flex justify="end">
                <Act kind="quiet" onClick={onClose}>
                    close
                </Act>
            </Flex>
        </Box>
    );
}

/** A heading, a list or a paragraph. */
function Block({ text }: { text: string }) {
    const heading = /^(#+) (.*)$/.exec(text);
    if (heading)
        return (
            <Box
                as={heading[1] === '#' ? 'h2' : 'h3'}
                fontWeight="600"
                fontSize={heading[1] === '#' ? '18px' : '15px'}
                mt={heading[1] === '#' ? 0 : 3}
                mb={1}
            >
                {heading[2]}
            </Box>
        );
    if (text.startsWith('- '))
        return (
            <Box as="ul" pl={5} listStyleType="disc" fontSize="14.5px">
                {text
                    .slice(2)
                    .split('\n- ')
                    .map((line) => (
                        <Box as="li" key={line} mb={1}>
                            {words(line)}
                        </Box>
                    ))}
            </Box>
        );
    return (
        <Box fontSize="14.5px" mb={1}>
            {words(text)}
        </Box>
    );
}

/** What stands between two stars on either side is bold, and between one is slanted. */
function words(line: string): ReactNode[] {
    return line
        .replaceAll('`', '')
        .split(/(\*\*[^*]+\*\*|\*[^*]+\*)/)
        .map((part, at) =>
            part.startsWith('**') ? (
                <b key={at}>{part.slice(2, -2)}</b>
            ) : part.startsWith('*') ? (
                <i key={at}>{part.slice(1, -1)}</i>
            ) : (
                part
            ),
        );
}
