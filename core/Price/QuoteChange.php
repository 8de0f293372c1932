<?php

declare(strict_types=1);

namespace HotSprue\Price;

/** A quote held against an earlier one, line by line: only what changed. Source: workbook 16, issued quotes. */
final class QuoteChange
{
    /**
     * @param  list<array<string, mixed>>  $before  lines of `price.quote`
     * @param  list<array<string, mixed>>  $after
     * @return list<array{label: string, before: float, after: float, difference: float}>
     */
    public static function between(array $before, array $after, int $places): array
    {
        $was = self::byLabel($before, $places);
        $is = self::byLabel($after, $places);
        $changes = [];
        foreach (array_keys($was + $is) as $label) {
            $nought = Money::of(0.0, $places);
            [$one, $other] = [$was[$label] ?? $nought, $is[$label] ?? $nought];
            if ($one->minor !== $other->minor) {
                $changes[] = [
                    'label' => (string) $label, 'before' => $one->toFloat(), 'after' => $other->toFloat(),
                    'difference' => $other->minus($one)->toFloat(),
                ];
            }
        }

        return $changes;
    }

    /**
     * @param  list<array<string, mixed>>  $lines
     * @return array<string, Money>
     */
    private static function byLabel(array $lines, int $places): array
    {
        $sums = [];
        foreach ($lines as $line) {
            $name = "{$line['label']}";
            $amount = Money::of((float) $line['amount'], $places);
            $sums[$name] = isset($sums[$name]) ? $sums[$name]->plus($amount) : $amount;
        }

        return $sums;
    }
}
