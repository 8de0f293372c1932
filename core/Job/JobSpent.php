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
        return array_map(static function (array $line) use ($document, $minutes): array {
            $measured = self::measured($line, $document, $minutes);

            return $measured === null ? $line : [...$line, 'quantity' => $measured];
        }, $lines);
    }

    /**
     * How often what was quoted it came to, by group of the lines that were measured.
     *
     * @param  list<array<string, mixed>>  $lines  of `price.quote`, as quoted
     * @param  array<string, float>  $minutes  worked, by station
     * @return array<string, float>
     */
    public static function over(array $lines, Document $document, array $minutes): array
    {
        $quoted = $spent = [];
        foreach ($lines as $line) {
            $measured = self::measured($line, $document, $minutes);
            if ($measured !== null) {
                $group = (string) $line['group'];
                $quoted[$group] = ($quoted[$group] ?? 0.0) + (float) $line['quantity'];
                $spent[$group] = ($spent[$group] ?? 0.0) + $measured;
            }
        }
        $quoted = array_filter($quoted);

        return array_combine(array_keys($quoted), array_map(
            static fn (string $group): float => $spent[$group] / $quoted[$group], array_keys($quoted),
        ));
    }

    /**
     * @param  array<string, mixed>  $line
     * @param  array<string, float>  $minutes
     */
    private static function measured(array $line, Document $document, array $minutes): ?float
    {
        if ($line['group'] === 'metal' && $line['unit'] === 'g') {
            $used = CastMetal::of($document)->used();

            return $used === null ? null : round($used, 3);
        }
        $station = array_search($line['label'], self::labels(), true);

        return in_array($line['group'], ['bench', 'setting'], true) && isset($minutes[$station])
            ? round($minutes[$station], 1)
            : null;
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
