import { Box, Flex } from '@chakra-ui/react';
import type { Catalogue, Field, Job } from '../api/types';
import { Act } from '../bench/Act';
import { Decision } from './DecisionRail';
import { newRowKey, rowsOf, type Row } from './held';
import { drawnPaths } from './instruments';
import type { Work } from './useJob';

/** Which figures of a setting stand together, in the order in which they are decided. */
const GROUPS: [string, string[]][] = [
    ['What it holds', ['name', 'stone', 'also', 'holds', 'beside', 'count']],
    ['How it holds, and how it is made', ['style', 'made', 'alloy']],
    ['Where it sits', ['angle', 'across', 'turn', 'height', 'tilt', 'hole']],
];

/** Whether a figure means something for this setting. */
function isMeant(field: Field, row: Row | undefined, shown: Record<string, string>): boolean {
    return Object.entries(field.only ?? {}).every(([by, says]) => {
        const name = by.split('.').at(-1)!;
        const value = (row?.[name] as { value: unknown } | undefined)?.value ?? shown[name] ?? field.default;
        return says.includes(String(value ?? ''));
    });
}

/** The settings of the piece, and all that is decided of the one in hand. */
export function SettingBoard({ work, catalogue }: { work: Work; catalogue: Catalogue }) {
    const job = work.job!;
    const rows = rowsOf(job, 'settings');
    const here = rows.length > 0 ? job.page.setting : (job.page.next_keys.settings ?? '0');
    const row = rows.find((one) => one.key === here);
    const fields = catalogue.readings.settings ?? {};
    const drawn = drawnPaths(job);
    const grouped = GROUPS.flatMap(([, names]) => names);
    const isShown = (name: string) =>
        (name !== 'beside' || rows.length > 1) &&
        !drawn.has(`settings.${here}.${name}`) &&
        isMeant(fields[name]!, row, { holds: 'one' });
    const seat = Object.keys(fields).filter((name) => !grouped.includes(name) && name !== 'pushes');
    const groups: [string, string[]][] = [...GROUPS, ['Its seat and its layout', seat]];
    return (
        <Box borderTopWidth="1px" borderColor="rule" pt={3} data-readings="settings">
            <Flex align="center" gap={2} wrap="wrap">
                <Box as="h2" fontWeight="600">
                    {rows.length > 1
                        ? `Setting: ${job.page.settings.find((one) => one.key === here)?.name ?? ''}`
                        : 'Setting of this piece'}
                </Box>
                <Act kind="quiet" px={2} onClick={() => add(work, rows)}>
                    another setting
                </Act>
                {row ? (
                    <Act kind="quiet" px={2} onClick={() => void work.act(`rows/settings/${here}/out`)}>
                        take this one out
                    </Act>
                ) : null}
            </Flex>
            {groups.map(([title, names]) => {
                const shown = names.filter((name) => fields[name] && isShown(name));
                return shown.length === 0 ? null : (
                    <Box key={title} pt={2}>
                        <Box fontSize="14px" color="soft">
                            {title}
                        </Box>
                        <Flex gap={2} wrap="wrap" py={1}>
                            {shown.map((name) => (
                                <Decision
                                    key={`${here}${name}`}
                                    path={`settings.${here}.${name}`}
                                    advised={advised(job, here, name)}
                                    work={work}
                                    catalogue={catalogue}
                                />
                            ))}
                        </Flex>
                    </Box>
                );
            })}
        </Box>
    );
}

/** What stands there while nobody has said it. */
function advised(job: Job, key: string, name: string): unknown {
    const setting = job.page.settings.find((one) => one.key === key);
    if (!setting) return undefined;
    return { made: setting.made, name: setting.name, stone: setting.stone }[name];
}

/** Another setting, made as the one before it; it takes the next stone that none holds. */
function add(work: Work, rows: Row[]) {
    const key = newRowKey();
    const style = rows.at(-1)?.style as { value: string } | undefined;
    work.edit(`settings.${key}.style`, style?.value ?? 'bezel');
    void work.saved().then(() => work.takeSetting(key));
}
