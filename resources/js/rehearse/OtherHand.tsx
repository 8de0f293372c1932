import { Box, Flex } from '@chakra-ui/react';
import { Act } from '../bench/Act';
import type { Contact, Node } from './torch';

/** What the other hand can do: coat, flux, lay or feed solder, guard what was made before, cool a part. */
export function OtherHand({
    nodes,
    contacts,
    isHot,
    onAct,
}: {
    nodes: Node[];
    contacts: Contact[];
    /** Whether the torch was lit: what is for the cold piece is over. */
    isHot: boolean;
    onAct: (act: string) => void;
}) {
    const now = names(contacts.filter((one) => one.now));
    const earlier = names(contacts.filter((one) => !one.now && one.made && one.solder === 'flowed'));
    const parts = [...new Set(nodes.map((node) => node.part))];
    const each = (act: string, words: string, of: string[]) =>
        of.map((name) => (
            <Act
                key={`${act}${name}`}
                kind="line"
                data-act={`${act}: ${name}`}
                onClick={() => onAct(`${act}: ${name}`)}
            >
                {of.length > 1 || act === 'guard' || act === 'sink'
                    ? `${words} ${name}`
                    : words.replace(/ (to|at)$/, '')}
            </Act>
        ));
    return (
        <Box role="group" aria-label="The other hand">
            <Flex gap={2} wrap="wrap">
                {isHot ? null : (
                    <Act kind="line" data-act="coat" onClick={() => onAct('coat')}>
                        coat it
                    </Act>
                )}
                {each('flux', isHot ? 'brush flux on' : 'flux', now)}
                {isHot ? each('feed', 'feed solder to', now) : each('lay', 'lay chips at', now)}
                {isHot ? null : each('guard', 'guard', earlier)}
                {each('sink', 'heat sink on', parts)}
            </Flex>
        </Box>
    );
}

const names = (contacts: Contact[]) => [...new Set(contacts.map((one) => one.joint))];
