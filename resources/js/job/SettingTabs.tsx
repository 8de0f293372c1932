import { Button, Flex } from '@chakra-ui/react';
import { LevelMark } from '../bench/marks';
import type { Work } from './useJob';

/** The settings of a piece side by side; one is in hand. */
export function SettingTabs({ work }: { work: Work }) {
    const { settings, setting } = work.job!.page;
    if (settings.length < 2) return null;
    return (
        <Flex wrap="wrap" role="group" aria-label="Settings">
            {settings.map((one) => (
                <Button
                    key={one.key}
                    variant="plain"
                    minH="44px"
                    minW="44px"
                    px={2}
                    color={one.key === setting ? 'ink' : 'soft'}
                    borderBottomWidth="3px"
                    borderRadius={0}
                    borderColor={one.key === setting ? 'verdigris' : 'transparent'}
                    aria-pressed={one.key === setting}
                    data-setting={one.key}
                    onClick={() => work.takeSetting(one.key)}
                >
                    {one.worst === 'stop' || one.worst === 'caution' ? <LevelMark level={one.worst} /> : null}
                    {one.name}
                    {one.stones > 1 ? ` × ${one.stones}` : ''}
                </Button>
            ))}
        </Flex>
    );
}
