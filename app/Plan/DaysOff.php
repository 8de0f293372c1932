<?php

declare(strict_types=1);

namespace App\Plan;

use Carbon\CarbonPeriod;
use HotSprue\Fields\BadInput;
use Illuminate\Support\Carbon;

/** Days off as one writes them down: `2026-12-24 to 2027-01-02, 2027-03-05`. */
final class DaysOff
{
    private const MOST = 366;

    private const ACCEPTS = 'Days are accepted, such as 2026-12-24 to 2027-01-02, 2027-03-05.';

    /**
     * @return list<string>
     *
     * @throws BadInput
     */
    public static function read(string $said): array
    {
        $days = [];
        foreach (array_filter(array_map(trim(...), explode(',', $said))) as $part) {
            if (preg_match('/^(\d{4}-\d\d-\d\d)(?:\s*(?:to|–)\s*(\d{4}-\d\d-\d\d))?$/D', $part, $ends) !== 1) {
                throw BadInput::field('off', "“{$part}” is no day. ".self::ACCEPTS);
            }
            foreach (CarbonPeriod::create(self::day($ends[1]), self::day($ends[2] ?? $ends[1])) as $day) {
                $days[] = $day->format('Y-m-d');
                if (count($days) > self::MOST) {
                    throw BadInput::field('off', 'That is over a year; fewer are accepted.');
                }
            }
        }
        sort($days);

        return array_values(array_unique($days));
    }

    private static function day(string $said): Carbon
    {
        [$year, $month, $day] = array_map(intval(...), explode('-', $said));

        return checkdate($month, $day, $year) ? Carbon::create($year, $month, $day) ?? now()
            : throw BadInput::field('off', "{$said} is no day. ".self::ACCEPTS);
    }
}
