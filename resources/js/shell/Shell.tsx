import { Box, Flex, NativeSelect } from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { NavLink, Outlet, useLocation, useNavigate } from 'react-router';
import { get, post } from '../api/client';
import { say, useUnits } from '../bench/units';
import type { Bench } from '../api/types';
import { Clocks } from './clocks';
import { drafts } from '../job/drafts';
import { AlarmBar } from './AlarmBar';
import { Boundary } from './Boundary';
import { KeysDialog } from './KeysDialog';
import { pageAt, Pages, PAGES } from './Pages';
import { areKeysOn } from './keys';
import { useScheme } from './scheme';
import { Standing } from './Standing';
import { setZone } from './zone';
import { SignIn } from '../pages/SignIn';
import { Act } from '../bench/Act';
import { Fetching } from '../bench/Fetching';

/** Whether a key was meant for a field, a dialog or a menu, and not for the page. */
export function isForField(event: KeyboardEvent): boolean {
    const at = event.target as HTMLElement;
    const isCovered =
        document.querySelector('[data-state="open"]:is([role="dialog"], [role="menu"])') !== null;
    return isCovered || ['INPUT', 'TEXTAREA', 'SELECT'].includes(at.tagName);
}

/** Whether a single key is not for the page: meant for a field, pressed with another, or turned off. */
export function isTyping(event: KeyboardEvent): boolean {
    return !areKeysOn() || isForField(event) || event.ctrlKey || event.metaKey || event.altKey;
}

/** The kiln, wherever one is. */
function KilnNow({ kiln }: { kiln: NonNullable<Bench['kiln']> }) {
    const { units } = useUnits();
    const said = say(kiln.kiln_c, 'temperature', units);
    return (
        <NavLink to={`/casting/${kiln.run}`} style={{ minHeight: 44, display: 'flex', alignItems: 'center' }}>
            <Box as="span" color="hot" fontWeight="600" data-testid="kiln-now">
                {kiln.alarms > 0 ? 'alarm: ' : ''}kiln {said.figure} {said.unit}{' '}
                <span role="img" aria-label={kiln.way}>
                    {{ rising: '↗', holding: '→', falling: '↘' }[kiln.way]}
                </span>
            </Box>
        </NavLink>
    );
}

/** The head of every page, and who is at the bench. */
export function Shell() {
    const queries = useQueryClient();
    const go = useNavigate();
    const { pathname } = useLocation();
    const [help, setHelp] = useState(false);
    const [more, setMore] = useState(false);
    const [scheme, turnScheme] = useScheme();
    const asked = useQuery({
        queryKey: ['bench'],
        queryFn: () => get<Bench>('bench'),
        refetchInterval: 5000,
    });
    const { data: bench, dataUpdatedAt } = asked;
    // Two looks in vain: the line is cut, and what stands on the page is of before.
    const cutSince = asked.failureCount > 1 || asked.isRefetchError ? dataUpdatedAt : null;
    useEffect(() => {
        document.body.toggleAttribute('data-cut', cutSince !== null);
    }, [cutSince]);
    const pick = useMutation({
        mutationFn: async (id: number) => {
            // What one person typed goes as theirs before another takes the bench.
            await Promise.all(drafts.waiting().map(({ number }) => drafts.flush(number)));
            return post<Bench>('bench', { id });
        },
        onSuccess: (answer) => queries.setQueryData(['bench'], answer),
    });
    const leave = useMutation({
        mutationFn: () => post<Bench>('sign-out'),
        onSuccess: () => queries.clear(),
    });
    useEffect(() => {
        const keys = (event: KeyboardEvent) => {
            if (isTyping(event)) return;
            const page = PAGES.find(([, , key]) => key === event.key);
            if (page) void go(page[0]);
            if (event.key === 'n') void go('/jobs?new=1');
            if (event.key === '?') setHelp(true);
        };
        const wanted = () => void queries.invalidateQueries({ queryKey: ['bench'] });
        window.addEventListener('keydown', keys);
        window.addEventListener('sign-in-wanted', wanted);
        return () => {
            window.removeEventListener('keydown', keys);
            window.removeEventListener('sign-in-wanted', wanted);
        };
    }, [go, queries]);
    const person = bench?.person?.id ?? 0;
    useEffect(() => drafts.begin(person), [person]);
    const { start } = useUnits();
    const usual = JSON.stringify(bench?.units ?? null);
    useEffect(() => {
        if (usual !== 'null') start(JSON.parse(usual));
    }, [usual, start]);
    if (!bench) return <Fetching words="Lighting the lamp…" query={asked} />;
    if (bench.network && !bench.person) return <SignIn />;
    setZone(bench.zone);
    const page = pageAt(pathname);
    const folds = {
        display: { base: more ? 'flex' : 'none', md: 'flex' },
        w: { base: 'full', md: 'auto' },
        wrap: { base: 'wrap', md: 'nowrap' },
    } as const;
    const offset = new Date(bench.now).getTime() - dataUpdatedAt;
    return (
        <Flex direction="column" minH="100vh">
            <Flex
                as="header"
                align="center"
                gap={{ base: 2, md: 4 }}
                px={{ base: 3, md: 5 }}
                minH="52px"
                borderBottomWidth="1px"
                borderColor="rule"
                wrap="wrap"
                className="no-print"
                onKeyDown={(event) => {
                    if (event.key === 'Escape') setMore(false);
                }}
            >
                <Box fontWeight="600" fontSize="18px" hideBelow="md">
                    Hot Sprue
                </Box>
                {/* A phone’s head is one line: pages, and who is at the bench, fold away. */}
                <Act
                    kind="quiet"
                    hideFrom="md"
                    minW="44px"
                    px={2}
                    aria-label={`Pages, and who is at the bench; this is ${page}`}
                    aria-expanded={more}
                    onClick={() => setMore(!more)}
                >
                    <Box as="span" aria-hidden color="ink" fontSize="16px" fontWeight="600">
                        ☰ {page}
                    </Box>
                </Act>
                <Pages folds={{ ...folds, order: { base: 10, md: 0 } }} onGo={() => setMore(false)} />
                <Box flex="1" />
                {bench.kiln ? <KilnNow kiln={bench.kiln} /> : null}
                <Clocks bench={bench} offset={offset} />
                <Flex align="center" gap={1} {...folds} order={{ base: 11, md: 0 }}>
                    {bench.network ? (
                        <Act kind="quiet" onClick={() => leave.mutate()}>
                            {bench.person?.name}, sign out
                        </Act>
                    ) : (
                        <NativeSelect.Root size="sm" variant="plain" w="auto">
                            <NativeSelect.Field
                                aria-label="Who is at the bench"
                                value={bench.person?.id ?? ''}
                                h="44px"
                                pr={7}
                                fontSize="15px"
                                color="soft"
                                onChange={(event) => pick.mutate(Number(event.target.value))}
                            >
                                {bench.people.map((person) => (
                                    <option key={person.id} value={person.id}>
                                        {person.name} at the bench
                                    </option>
                                ))}
                            </NativeSelect.Field>
                            <NativeSelect.Indicator />
                        </NativeSelect.Root>
                    )}
                    <Act
                        kind="quiet"
                        minW="44px"
                        px={2}
                        aria-label={`Light and dark: ${scheme}`}
                        title="light, dark, or as this machine is set"
                        onClick={turnScheme}
                    >
                        {{ system: 'auto', light: 'light', dark: 'dark' }[scheme]}
                    </Act>
                    <Act
                        kind="quiet"
                        minW="44px"
                        px={2}
                        aria-label="Keyboard shortcuts"
                        onClick={() => setHelp(true)}
                    >
                        ?
                    </Act>
                </Flex>
            </Flex>
            <AlarmBar kiln={bench.kiln} />
            <Standing bench={bench} cutSince={cutSince} />
            <Boundary at={pathname}>
                <Outlet />
            </Boundary>
            <KeysDialog open={help} onClose={() => setHelp(false)} />
        </Flex>
    );
}
