import { Box, Flex } from '@chakra-ui/react';
import type { Catalogue, Field, Job, Kept } from '../api/types';
import { FigureField } from '../bench/FigureField';
import { fieldAt } from '../shell/catalogue';
import { held, rowsOf } from './held';
import { ManyRows } from './ManyRows';
import type { Work } from './useJob';
import type { InHand } from './working';

const WIDE = ['text'];

/** A figure that names a row of the job: chosen among them, by what they are called. */
function ofRows(field: Field, path: string, job: Job): Field {
    const own = path.split('.')[1];
    const rows = rowsOf(job, field.row_of!).filter((row) => field.row_of !== 'settings' || row.key !== own);
    const settings = new Map(job.page.settings.map((one) => [one.key, one.name]));
    const name = (key: string, at: number, row: Record<string, unknown>) =>
        settings.get(key) && field.row_of === 'settings'
            ? settings.get(key)!
            : ((row.name as { value?: string } | undefined)?.value ?? `number ${at + 1}`);
    return {
        ...field,
        quantity: 'choice',
        choices: rows.map((row) => row.key),
        sayings: Object.fromEntries(rows.map((row, at) => [row.key, name(row.key, at, row)])),
    };
}

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
    const declared = fieldAt(catalogue, path);
    if (!declared || !work.job) return null;
    const field = declared.row_of ? ofRows(declared, path, work.job) : declared;
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
    if (field.row_of && field.many)
        return (
            <ManyRows field={field} path={path} value={kept?.value} onEdit={(to) => work.edit(path, to)} />
        );
    return (
        <FigureField
            label={label ?? field.label}
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
