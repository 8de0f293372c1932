import { Box, Button, Flex, Input, Menu, Portal } from '@chakra-ui/react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { get } from '../api/client';
import type { Difference, Kept } from '../api/types';
import { say, useUnits } from '../bench/units';
import { sheetsOf } from '../print/sheets/names';
import type { Work } from './useJob';
import { Act } from '../bench/Act';

type Asked = { how: 'abandoned' | 'open'; words: string } | null;

/** What is done to a job as a whole. */
export function JobMenu({ work, onHistory }: { work: Work; onHistory: () => void }) {
    const go = useNavigate();
    const { units } = useUnits();
    const [asked, setAsked] = useState<Asked>(null);
    const [reason, setReason] = useState('');
    const [differences, setDifferences] = useState<Difference[] | null>(null);
    const job = work.job;
    if (!job) return null;
    const like = async (same: boolean) => {
        const made = await work.act('like', { same_commission: same });
        if (made) void go(`/jobs/${made.number}/brief`);
    };
    const kind = (job.document.decisions as Record<string, Kept>)['brief.kind']?.typed;
    const items: [string, string, () => void][] = [
        ['undo', 'Undo what I typed last', () => void work.undo()],
        ['redo', 'Put back what I undid', () => void work.redo()],
        ['history', 'History', onHistory],
        ['price', 'What it costs, and what is left to do', () => void go(`/jobs/${job.number}/price`)],
        ...sheetsOf(kind).map(([name, words]): [string, string, () => void] => [
            name,
            words,
            () => void go(`/print/${job.number}/${name}`),
        ]),
        ['like', 'A new job like this one', () => void like(false)],
        ['pair', 'Another piece of this commission', () => void like(true)],
        ['json', 'Save as a file', () => window.location.assign(`/api/jobs/${job.number}/file`)],
        [
            'zip',
            'Save as a file with its pictures',
            () => window.location.assign(`/api/jobs/${job.number}/zip`),
        ],
        ...(job.figures_present
            ? []
            : ([
                  [
                      'figures',
                      'Use the workshop’s present figures…',
                      () =>
                          void get<{ differences: Difference[] }>(`jobs/${job.number}/figures`).then(
                              (answer) => setDifferences(answer.differences),
                          ),
                  ],
              ] as [string, string, () => void][])),
        ...(job.state === 'open'
            ? ([
                  ['deliver', 'Delivered', () => void work.act('close', { how: 'delivered' })],
                  [
                      'abandon',
                      'Abandon…',
                      () => setAsked({ how: 'abandoned', words: 'Why is it abandoned?' }),
                  ],
              ] as [string, string, () => void][])
            : ([
                  [
                      'reopen',
                      'Open again…',
                      () => setAsked({ how: 'open', words: 'Why is it opened again?' }),
                  ],
              ] as [string, string, () => void][])),
    ];
    return (
        <Box>
            <Menu.Root>
                <Menu.Trigger asChild>
                    <Act kind="line" px={3}>
                        This job
                    </Act>
                </Menu.Trigger>
                <Portal>
                    <Menu.Positioner>
                        <Menu.Content
                            bg="card"
                            color="ink"
                            boxShadow="none"
                            borderWidth="1px"
                            borderColor="rule"
                        >
                            {items.map(([value, label, act]) => (
                                <Menu.Item
                                    key={value}
                                    value={value}
                                    minH="44px"
                                    fontSize="15.5px"
                                    onSelect={act}
                                >
                                    {label}
                                </Menu.Item>
                            ))}
                        </Menu.Content>
                    </Menu.Positioner>
                </Portal>
            </Menu.Root>
            {asked ? (
                <Flex
                    as="form"
                    gap={2}
                    mt={2}
                    onSubmit={(event) => {
                        event.preventDefault();
                        void work
                            .act('close', { how: asked.how, reason })
                            .then((done) => done && setAsked(null));
                    }}
                >
                    <Input
                        aria-label={asked.words}
                        placeholder={asked.words}
                        autoFocus
                        value={reason}
                        h="44px"
                        bg="card"
                        onChange={(event) => setReason(event.target.value)}
                    />
                    <Button type="submit" bg="ink" color="paper" minH="44px">
                        {asked.how === 'open' ? 'Open again' : 'Abandon'}
                    </Button>
                    <Act kind="quiet" onClick={() => setAsked(null)}>
                        keep
                    </Act>
                </Flex>
            ) : null}
            {differences ? (
                <Box borderWidth="1px" borderColor="rule" bg="card" p={3} mt={2} data-testid="figures">
                    <Box fontWeight="600">
                        {differences.length === 0 ? 'Nothing would change.' : 'This would change:'}
                    </Box>
                    {differences.slice(0, 14).map((one) => (
                        <Box key={one.use + one.result} fontSize="14px">
                            {one.label}:{' '}
                            {
                                say(
                                    one.now,
                                    one.unit === 'mm' ? 'length' : one.unit === 'g' ? 'mass' : null,
                                    units,
                                ).figure
                            }{' '}
                            →{' '}
                            {
                                say(
                                    one.then,
                                    one.unit === 'mm' ? 'length' : one.unit === 'g' ? 'mass' : null,
                                    units,
                                ).figure
                            }{' '}
                            {one.unit === '1' ? '' : one.unit}
                        </Box>
                    ))}
                    <Flex gap={2} mt={2}>
                        <Act
                            kind="main"
                            onClick={() => void work.act('figures').then(() => setDifferences(null))}
                        >
                            Use them
                        </Act>
                        <Act kind="quiet" onClick={() => setDifferences(null)}>
                            keep the job’s own
                        </Act>
                    </Flex>
                </Box>
            ) : null}
        </Box>
    );
}
