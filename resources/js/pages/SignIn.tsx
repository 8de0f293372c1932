import { Box, Button, Input } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { post } from '../api/client';
import type { Bench } from '../api/types';
import { Refused } from '../bench/Refused';

/** On the workshop's network everybody signs in. */
export function SignIn() {
    const queries = useQueryClient();
    const [name, setName] = useState('');
    const [passphrase, setPassphrase] = useState('');
    const enter = useMutation({
        mutationFn: () => post<Bench>('sign-in', { name, passphrase }),
        onSuccess: (bench) => {
            queries.clear();
            queries.setQueryData(['bench'], bench);
        },
    });
    return (
        <Box
            as="form"
            maxW="340px"
            mx="auto"
            mt="16vh"
            display="grid"
            gap={3}
            onSubmit={(event) => {
                event.preventDefault();
                enter.mutate();
            }}
        >
            <Box fontSize="24px" fontWeight="600">
                Hot Sprue
            </Box>
            <label>
                Name
                <Input
                    bg="card"
                    h="48px"
                    autoComplete="username"
                    value={name}
                    onChange={(event) => setName(event.target.value)}
                />
            </label>
            <label>
                Passphrase
                <Input
                    bg="card"
                    h="48px"
                    type="password"
                    autoComplete="current-password"
                    value={passphrase}
                    onChange={(event) => setPassphrase(event.target.value)}
                />
            </label>
            <Refused error={enter.error} />
            <Button type="submit" bg="verdigris" color="onVerdigris" h="52px" fontSize="17px">
                Sign in
            </Button>
        </Box>
    );
}
