import { Box, Flex, Input } from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { get, post } from '../api/client';
import type { Reading } from '../api/types';
import { Act } from './Act';
import { Refused } from './Refused';

/** A simulated instrument that can be played with: put a mass or a size on it. */
export function Tray({ device }: { device: 'balance' | 'caliper' }) {
    const queries = useQueryClient();
    const [put, setPut] = useState('');
    const { data } = useQuery({
        queryKey: ['device', device],
        queryFn: () => get<Reading>(`devices/${device}`),
        refetchInterval: 700,
    });
    const settle = (reading: Reading) => queries.setQueryData(['device', device], reading);
    const place = useMutation({
        mutationFn: (value: string) => post<Reading>(`devices/${device}/put`, { value }),
        onSuccess: settle,
    });
    const tare = useMutation({
        mutationFn: () => post<Reading>(`devices/${device}/tare`),
        onSuccess: settle,
    });
    if (!data) return null;
    return (
        <Box borderTopWidth="1px" borderColor="rule" pt={2} data-device={device}>
            <Flex align="baseline" gap={2}>
                <Box fontSize="14px" color="soft">
                    {data.simulated ? `simulated ${device}` : device}
                </Box>
                <Box flex="1" />
                <Box fontSize="22px" fontWeight="600" color={data.stable ? 'ink' : 'soft'}>
                    {data.value.toFixed(2)}
                </Box>
                <Box fontSize="14px" color="soft">
                    {data.unit}
                    {data.stable ? '' : ' · settling'}
                </Box>
            </Flex>
            {data.simulated ? (
                <Flex
                    as="form"
                    gap={2}
                    mt={1}
                    onSubmit={(event) => {
                        event.preventDefault();
                        place.mutate(put);
                    }}
                >
                    <Input
                        aria-label={`What to put on the ${device}`}
                        placeholder={device === 'balance' ? '2.31 g' : '17.38 mm'}
                        value={put}
                        h="44px"
                        bg="card"
                        borderColor="edge"
                        onChange={(event) => setPut(event.target.value)}
                    />
                    <Act kind="line" type="submit" px={3}>
                        put on
                    </Act>
                    <Act kind="line" px={3} onClick={() => tare.mutate()}>
                        zero
                    </Act>
                </Flex>
            ) : null}
            <Refused error={place.error} />
        </Box>
    );
}
