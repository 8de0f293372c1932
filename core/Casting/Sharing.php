<?php

declare(strict_types=1);

namespace HotSprue\Casting;

/** Which jobs may share a flask: the same alloy and the same pouring temperature. Source: workbook 8. */
final class Sharing
{
    /** Temperatures this near are one, °C. */
    private const SAME = 5.0;

    /**
     * @param  list<array{number: int, alloy: string, pour_c: float, across: float, deep: float}>  $jobs
     * @return array{flasks: list<list<int>>, apart: list<array{jobs: array{int, int}, why: string}>}
     */
    public static function propose(array $jobs): array
    {
        /** @var list<list<int>> $flasks */
        $flasks = [];
        $apart = [];
        foreach ($jobs as $job) {
            foreach ($flasks as $index => $flask) {
                $first = $jobs[array_search($flask[0], array_column($jobs, 'number'), true)];
                $why = self::whyNot($first, $job);
                if ($why === null) {
                    $flasks[$index][] = $job['number'];

                    continue 2;
                }
                $apart[] = ['jobs' => [$first['number'], $job['number']], 'why' => $why];
            }
            $flasks[] = [$job['number']];
        }

        return ['flasks' => array_values($flasks), 'apart' => $apart];
    }

    /**
     * @param  array{number: int, alloy: string, pour_c: float, across: float, deep: float}  $a
     * @param  array{number: int, alloy: string, pour_c: float, across: float, deep: float}  $b
     */
    private static function whyNot(array $a, array $b): ?string
    {
        return match (true) {
            $a['alloy'] !== $b['alloy'] => sprintf(
                '%d is %s and %d is %s', $a['number'], str_replace('-', ' ', $a['alloy']), $b['number'],
                str_replace('-', ' ', $b['alloy']),
            ),
            abs($a['pour_c'] - $b['pour_c']) > self::SAME => sprintf(
                '%d wants the flask at %.0f °C and %d at %.0f °C', $a['number'], $a['pour_c'], $b['number'],
                $b['pour_c'],
            ),
            default => null,
        };
    }
}
