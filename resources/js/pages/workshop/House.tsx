import { Box, Flex, Input } from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { get, post, send } from '../../api/client';
import type { Workshop } from '../../api/types';
import { Act } from '../../bench/Act';
import { Pick, Typed } from '../../bench/fields';
import { moment } from '../../bench/units';
import { Part, Wrong } from './parts';

/** Its name, its hours and its backups. */
export function House() {
    const queries = useQueryClient();
    const { data } = useQuery({ queryKey: ['workshop'], queryFn: () => get<Workshop>('workshop') });
    const [folder, setFolder] = useState<string | null>(null);
    const keep = useMutation({
        mutationFn: (changes: Record<string, string | null>) => send<Workshop>('PUT', 'workshop', changes),
        onSuccess: (workshop) => {
            queries.setQueryData(['workshop'], workshop);
            void queries.invalidateQueries({ queryKey: ['bench'] });
            setFolder(null);
        },
    });
    const backUp = useMutation({ mutationFn: () => post('backup') });
    if (!data) return <Box color="soft">Opening the house…</Box>;
    return (
        <>
            <NameAndMark key={`${data.name}${data.mark}`} data={data} onKeep={keep.mutate} />
            <Part title="Time zone">
                <Flex gap={3} align="center" wrap="wrap">
                    <Pick
                        label="Time zone"
                        value={data.timezone}
                        options={data.zones.map((zone): [string, string] => [
                            zone,
                            zone.replaceAll('_', ' '),
                        ])}
                        onChange={(timezone) => keep.mutate({ timezone })}
                    />
                    <Box color="soft">Every hour on the screen and on paper is said in it.</Box>
                </Flex>
                <Wrong error={keep.error} field="timezone" />
            </Part>
            <Part title="Backups">
                <Box mb={2}>
                    {data.backed_up_at
                        ? `Last made and tried ${moment(data.backed_up_at)}.`
                        : 'None has been made yet.'}{' '}
                    One is made each day while Hot Sprue runs; seven days, four weeks and twelve months are
                    kept.
                </Box>
                {data.backup_trouble ? (
                    <Box role="alert" color="hot" mb={2}>
                        The last one failed: {data.backup_trouble}
                    </Box>
                ) : null}
                <Flex
                    as="form"
                    gap={2}
                    wrap="wrap"
                    align="end"
                    onSubmit={(event) => {
                        event.preventDefault();
                        keep.mutate({ backup_folder: folder?.trim() ? folder.trim() : null });
                    }}
                >
                    <label
                        style={{ display: 'grid', maxWidth: '100%', gridTemplateColumns: 'minmax(0, 1fr)' }}
                    >
                        Folder for backups
                        <Input
                            value={folder ?? data.backup_folder ?? ''}
                            placeholder={data.backup_default}
                            h="46px"
                            w="360px"
                            maxW="full"
                            bg="card"
                            borderColor="edge"
                            onChange={(event) => setFolder(event.target.value)}
                        />
                    </label>
                    {folder !== null ? (
                        <Act kind="main" type="submit" minH="46px">
                            Keep this folder
                        </Act>
                    ) : null}
                    <Act kind="line" minH="46px" loading={backUp.isPending} onClick={() => backUp.mutate()}>
                        Back up now
                    </Act>
                </Flex>
                <Wrong error={keep.error} field="backup_folder" />
                <Wrong error={keep.error} />
                <Wrong error={backUp.error} />
                {backUp.isSuccess ? (
                    <Box role="status">It is being made; it shows here when it is done.</Box>
                ) : null}
            </Part>
        </>
    );
}

/** What stands at the head of every sheet of paper. */
function NameAndMark({
    data,
    onKeep,
}: {
    data: Workshop;
    onKeep: (changes: Record<string, string | null>) => void;
}) {
    const [name, setName] = useState(data.name ?? '');
    const [mark, setMark] = useState(data.mark ?? '');
    const isChanged = name !== (data.name ?? '') || mark !== (data.mark ?? '');
    return (
        <Part title="Name and mark">
            <Flex
                as="form"
                gap={3}
                align="end"
                wrap="wrap"
                onSubmit={(event) => {
                    event.preventDefault();
                    onKeep({ name: name.trim() || null, mark: mark.trim() || null });
                }}
            >
                <Typed label="Name of the workshop" value={name} wide onChange={setName} />
                <Typed label="Maker’s mark" value={mark} onChange={setMark} />
                {isChanged ? (
                    <Act kind="main" type="submit" minH="46px">
                        Keep them
                    </Act>
                ) : null}
                <Box color="soft">They stand at the head of every sheet that is printed.</Box>
            </Flex>
        </Part>
    );
}
