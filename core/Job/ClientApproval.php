<?php

declare(strict_types=1);

namespace HotSprue\Job;

use HotSprue\Calculation\Finding;
use HotSprue\Calculation\Level;

/** What the client said may be cast, and whether it is still that. */
final class ClientApproval
{
    /** Stations whose figures a client approves: the form and the stones. */
    private const STATIONS = [Station::Form, Station::Stones];

    /** Figures named before the rest are counted. */
    private const NAMED = 3;

    /** @return array<string, array<string, array{value: mixed, unit: ?string}>> the figures as they stand */
    public static function figures(JobAnswers $reckoned): array
    {
        return array_merge(
            ...array_map(static fn (Station $station): array => Drift::copy($station, $reckoned), self::STATIONS),
        );
    }

    /** A caution where the piece is no longer what was approved last; null where it is, or nothing was. */
    public static function changed(Document $document, JobAnswers $reckoned): ?Finding
    {
        $approved = array_filter(
            $document->list('words'),
            static fn (array $word): bool => ($word['what'] ?? '') === 'approves' && is_array($word['figures'] ?? null),
        );
        $last = end($approved);
        $drift = $last === false ? [] : Drift::since($last['figures'], $reckoned);
        if ($last === false || $drift === []) {
            return null;
        }
        $named = array_unique(
            array_map(static fn (Drift $one): string => InputBindings::label($one->use, $one->result), $drift),
        );
        $more = count($named) - self::NAMED;

        return new Finding(
            Level::Caution, 'changed-since-approval', 'approval',
            sprintf(
                '%s said on %s that it may be cast. Changed since: %s%s.', $last['by'],
                substr((string) $last['at'], 0, 10), implode(', ', array_slice($named, 0, self::NAMED)),
                $more > 0 ? " and {$more} more" : '',
            ),
            'Show it to the client again, or put it back.', [],
        );
    }
}
