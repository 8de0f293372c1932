<?php

declare(strict_types=1);

namespace HotSprue\Job;

/** What a new job takes over from one like it: how it is made, not what was measured, promised or handed over. Pure. */
final class JobTemplate
{
    /** Said of the one piece only. */
    private const OWN = [
        'wax.like_mass', 'wax.like_volume', 'brief.due', 'brief.finger_measured', 'burnout.ready_at', 'pour.new_mass',
        'pour.reused_mass', 'form.rounded',
        'sizing.old_solder', 'join.old_solder', 'finish.mass_before', 'finish.mass_after', 'finish.fires_left',
    ];

    /** Rows that are a plan, and what of them was seen at the bench. */
    private const PLANNED = [
        'settings' => ['stone'], 'cuts' => [], 'parts' => ['mass'], 'joints' => ['gap', 'outcome'],
    ];

    /**
     * @param  ?JobAnswers  $answers  of the job, where its wax was weighed: a ring like it is held against that
     * @return list<Change>
     */
    public static function of(Document $document, ?JobAnswers $answers = null): array
    {
        $changes = $answers === null ? [] : self::weighed($document, $answers);
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

    /** @return list<Change> the wax in hand and what was drawn of it, where it was weighed bare */
    private static function weighed(Document $document, JobAnswers $answers): array
    {
        $at = $document->attemptInHand();
        $row = $at === null ? [] : $document->list('attempts')[$at];
        $volume = $answers->value('wax.pattern', 'ring_volume_mm3');
        if (! isset($row['wax_mass']) || ($row['weighed']['value'] ?? 'pattern') !== 'pattern'
            || ! is_numeric($volume)) {
            return [];
        }

        return [
            new Change('wax.like_mass', null, $row['wax_mass']),
            new Change('wax.like_volume', null, ['value' => $volume, 'typed' => sprintf('%.2f mm3', (float) $volume)]),
        ];
    }
}
