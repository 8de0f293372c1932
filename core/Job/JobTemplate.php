<?php

declare(strict_types=1);

namespace HotSprue\Job;

/** What a new job takes over from one like it: how it is made, not what was measured, promised or handed over. Pure. */
final class JobTemplate
{
    /** Said of the one piece only. */
    private const OWN = [
        'brief.due', 'brief.finger_measured', 'burnout.ready_at', 'pour.new_mass', 'pour.reused_mass', 'form.rounded',
        'sizing.old_solder', 'join.old_solder', 'finish.mass_before', 'finish.mass_after', 'finish.fires_left',
    ];

    /** Rows that are a plan, and what of them was seen at the bench. */
    private const PLANNED = [
        'settings' => ['stone'], 'cuts' => [], 'parts' => ['mass'], 'joints' => ['gap', 'outcome'],
    ];

    /** @return list<Change> */
    public static function of(Document $document): array
    {
        $changes = [];
        foreach ($document->map('decisions') as $path => $entry) {
            if (! in_array($path, self::OWN, true) && ! str_starts_with($path, 'handover.')) {
                $changes[] = new Change($path, null, $entry);
            }
        }
        foreach (self::PLANNED as $group => $seen) {
            foreach ($document->list($group) as $row) {
                foreach (array_diff_key($row, array_flip([...$seen, Rows::KEY])) as $name => $entry) {
                    $changes[] = new Change("{$group}.{$row[Rows::KEY]}.{$name}", null, $entry);
                }
            }
        }

        return $changes;
    }
}
