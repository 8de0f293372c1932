<?php

declare(strict_types=1);

namespace HotSprue\Plan;

use DateTimeImmutable;
use DateTimeZone;
use HotSprue\Fields\BadInput;

/** When somebody works: by weekday, on the clock of the workshop's zone, days off left out. */
final class Hours
{
    public const WEEKDAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];

    /**
     * @param  list<array<string, mixed>>  $hours  rows of day, from and to
     * @param  list<string>  $off  days on which they do not work
     * @param  int  $now  minutes since 1970
     * @return list<array{int, int}> in minutes since 1970, in order
     *
     * @throws BadInput where hours end before they begin, or lie over one another
     */
    public static function of(array $hours, array $off, int $now, int $days, DateTimeZone $zone): array
    {
        $week = self::week($hours);
        $free = array_flip($off);
        $first = (new DateTimeImmutable('@'.$now * 60))->setTimezone($zone)->setTime(0, 0);
        $intervals = [];
        for ($day = 0; $day <= $days; $day++) {
            $date = $first->modify("+{$day} days");
            foreach (isset($free[$date->format('Y-m-d')]) ? [] : $week[(int) $date->format('N') - 1] as [$from, $to]) {
                // A clock that is put forward takes its hour from whoever works in it.
                $start = max($now, self::minute($date, $from));
                $end = self::minute($date, $to);
                if ($start < $end) {
                    $intervals[] = [$start, $end];
                }
            }
        }

        return $intervals;
    }

    /**
     * @param  list<array<string, mixed>>  $hours
     * @return list<list<array{int, int}>> minutes of the day, by weekday from Monday
     */
    private static function week(array $hours): array
    {
        $week = array_fill(0, 7, []);
        foreach ($hours as $row) {
            [$from, $to] = [self::clock((string) $row['from']), self::clock((string) $row['to'])];
            if ($from >= $to) {
                throw BadInput::field('people', "Hours from {$row['from']} to {$row['to']} end before they begin.");
            }
            $week[(int) array_search($row['day'], self::WEEKDAYS, true)][] = [$from, $to];
        }
        foreach ($week as $day => $spans) {
            sort($spans);
            foreach ($spans as $at => [$from]) {
                if ($at > 0 && $from < $spans[$at - 1][1]) {
                    throw BadInput::field('people', 'Hours of one day lie over one another.');
                }
            }
            $week[$day] = $spans;
        }

        return array_values($week);
    }

    /** @throws BadInput where it is no time of day */
    private static function clock(string $said): int
    {
        if (preg_match('/^([01]?\d|2[0-4])[:.]([0-5]\d)$/D', trim($said), $part) !== 1 || (int) $part[1] === 24
            && (int) $part[2] > 0) {
            throw BadInput::field('people', "“{$said}” is no time of day; 8:30 is accepted.");
        }

        return 60 * (int) $part[1] + (int) $part[2];
    }

    private static function minute(DateTimeImmutable $date, int $clock): int
    {
        return intdiv($date->setTime(intdiv($clock, 60), $clock % 60)->getTimestamp(), 60);
    }
}
