<?php

declare(strict_types=1);

namespace HotSprue\Job;

/** What a job came to, beside what was quoted: its lines with the metal that went into it and the minutes it took. */
final class JobSpent
{
    /**
     * @param  list<array<string, mixed>>  $lines  of `price.quote`, as quoted
     * @param  array<string, float>  $minutes  worked, by station
     * @return list<array<string, mixed>> the same lines with what was measured; a line of which nothing is known stays
     */
    public static function lines(array $lines, Document $document, array $minutes): array
    {
        $used = self::metalUsed($document);

        return array_map(static function (array $line) use ($used, $minutes): array {
            $station = array_search($line['label'], self::labels(), true);

            return match (true) {
                $line['group'] === 'metal' && $line['unit'] === 'g' && $used !== null => [
                    ...$line, 'quantity' => round($used, 3),
                ],
                in_array($line['group'], ['bench', 'setting'], true) && isset($minutes[$station]) => [
                    ...$line, 'quantity' => round($minutes[$station], 1),
                ],
                default => $line,
            };
        }, $lines);
    }

    /** Grams that left the safe and did not come back: what was charged, less buttons and sprues. */
    private static function metalUsed(Document $document): ?float
    {
        $castings = $document->list('castings');
        $last = $castings === [] ? [] : end($castings);
        $mass = static fn (string $name): ?float => is_numeric($last[$name]['value'] ?? null)
            ? (float) $last[$name]['value'] : null;
        $charge = $mass('charge_mass');

        return $charge === null ? null : $charge - ($mass('button_mass') ?? 0.0) - ($mass('sprues_mass') ?? 0.0);
    }

    /** @return array<string, string> */
    private static function labels(): array
    {
        $labels = [];
        foreach (Station::cases() as $station) {
            $labels[$station->value] = $station->label();
        }

        return $labels;
    }
}
