import { Box, Flex } from '@chakra-ui/react';
import type { Catalogue, Kept } from '../api/types';
import { FigureField } from '../bench/FigureField';
import { fieldAt, pathWords } from '../shell/catalogue';
import { held } from './held';
import type { Work } from './useJob';
import type { InHand } from './working';

const WIDE = ['text'];
/** Where the last word of a path says too little. */
const LABELS: Record<string, string> = {
    'brief.kind': 'kind of job',
    'form.rounded': 'on the mandrel, rounded',
    'form.plate': 'plate or disc',
    'form.plate_dome': 'domed, high',
    'form.plate_count': 'how many',
    'form.divide_total': 'length to divide',
    'form.divide_parts': 'into parts',
    'form.work': 'what is done',
    'form.work_strain': 'how far, %',
    'form.work_rim': 'dome, across',
    'form.work_height': 'dome, high',
    'form.work_before': 'area before',
    'form.work_after': 'area after',
    'join.solders': 'solders to choose from',
    'join.law': 'as the assay office asks',
    'join.school': 'one joint alone takes',
    'join.old_work': 'old work in it?',
    'join.old_solder': 'seen on the old work',
    'sizing.stones_in': 'stones in it',
    'sizing.joint': 'has a joint already?',
    'sizing.old_solder': 'seen under the glass',
    'sizing.method': 'how, if you choose',
    'finish.finish': 'look',
    'finish.tumble': 'tumbled?',
    'finish.patina': 'patina in the lows?',
    'finish.rhodium': 'rhodium?',
    'finish.wheels': 'wheels beside stones?',
    'finish.guarded': 'stones guarded?',
    'finish.ultrasonic': 'ultrasonic bath?',
    'finish.steam': 'steam?',
    'finish.pickle': 'pickle again?',
    'finish.torch': 'fire again?',
    'finish.fires_left': 'heats still to come',
    'handover.expected_mass': 'should weigh',
    'handover.client_metal': 'client’s metal given',
    'handover.client_returned': 'and returned',
};

/** One decision or reading of the job, wherever it stands. */
export function Decision({
    path,
    label,
    work,
    catalogue,
    inHand,
    advised,
    onTake,
}: {
    path: string;
    label?: string | undefined;
    work: Work;
    catalogue: Catalogue;
    inHand?: InHand | null;
    /** What stands there while nothing is decided. */
    advised?: unknown;
    onTake?: (() => void) | undefined;
}) {
    const field = fieldAt(catalogue, path);
    if (!field || !work.job) return null;
    const kept = (held(work.job, path) ?? null) as Kept | null;
    const edited = work.waiting[path];
    const typed = edited
        ? edited.to === null
            ? undefined
            : ((edited.to as Kept).typed ?? String(edited.to))
        : kept?.typed;
    const uses = Object.values(work.job.inputs)
        .flatMap((inputs) => Object.values(inputs))
        .filter((input) => input.path === path);
    // Where sheets take different figures for what nobody has said, none of them is the job’s.
    const used = uses.every((input) => input.value === uses[0]?.value) ? uses[0] : undefined;
    const error = (work.errors[path] ?? work.job.errors[path])?.[0];
    const toggled = edited && typeof edited.to === 'boolean' ? edited.to : undefined;
    return (
        <FigureField
            label={label ?? LABELS[path] ?? pathWords(path)}
            field={field}
            value={
                toggled ??
                (edited?.to === null
                    ? null
                    : field.quantity === 'choice' && !field.many && edited
                      ? edited.to
                      : kept?.value) ??
                (edited ? null : (used?.value ?? null))
            }
            typed={typed}
            origin={kept || edited ? undefined : used?.origin}
            error={error}
            advised={advised ?? (used ? undefined : field.default)}
            wide={WIDE.includes(field.quantity) || field.quantity === 'ring-size'}
            inHand={inHand !== null && inHand !== undefined}
            path={path}
            onEdit={(to) => work.edit(path, to)}
            onType={(to) => work.type(path, to)}
            onSettle={() => work.settle(path)}
            {...(onTake ? { onTake } : {})}
        />
    );
}

/** The decisions of a station that do not stand on its drawing. */
export function DecisionRail({
    paths,
    work,
    catalogue,
}: {
    paths: string[];
    work: Work;
    catalogue: Catalogue;
}) {
    return (
        <Flex gap={2} wrap="wrap" justify="center" py={2} aria-label="Decisions" role="group">
            {paths.map((path) => (
                <Box key={path}>
                    <Decision path={path} work={work} catalogue={catalogue} />
                </Box>
            ))}
        </Flex>
    );
}
