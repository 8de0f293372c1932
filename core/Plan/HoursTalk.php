<?php

declare(strict_types=1);

namespace HotSprue\Plan;

use HotSprue\Measures\NotUnderstood;

/** Working hours as one says them: `mon-fri 8:30-12:30 13:15-17:15; sat 9-12`. */
final class HoursTalk
{
    private const ACCEPTS = 'Days and hours are accepted, such as “mon-fri 8:30-12:30 13:15-17:15; sat 9-12”.';

    /**
     * @return list<array{day: string, from: string, to: string}>
     *
     * @throws NotUnderstood
     */
    public static function read(string $said): array
    {
        $hours = [];
        foreach (array_filter(array_map(trim(...), explode(';', strtolower($said)))) as $part) {
            $words = preg_split('/[\s,]+/', str_replace(['–', '—'], '-', $part)) ?: [];
            $days = $spans = [];
            foreach ($words as $word) {
                preg_match('/^[a-z]/', $word) === 1 ? array_push($days,
                    ...self::days($word)) : $spans[] = self::span($word);
            }
            if ($days === [] || $spans === []) {
                throw new NotUnderstood("“{$part}” is not understood. ".self::ACCEPTS);
            }
            foreach ($days as $day) {
                foreach ($spans as [$from, $to]) {
                    $hours[] = ['day' => $day, 'from' => $from, 'to' => $to];
                }
            }
        }

        return $hours;
    }

    /**
     * Days that are alike said together.
     *
     * @param  list<array{day: string, from: string, to: string}>  $hours
     */
    public static function say(array $hours): string
    {
        $days = [];
        foreach ($hours as $row) {
            $days[$row['day']][] = "{$row['from']}-{$row['to']}";
        }
        $parts = [];
        $run = [];
        foreach ([...Hours::WEEKDAYS, null] as $day) {
            $spans = $day === null ? null : implode(' ', $days[$day] ?? []);
            if ($run !== [] && $spans !== $run['spans']) {
                $run['spans'] === '' ?: $parts[] = ($run['from'] === $run['to'] ? $run['from']
                    : "{$run['from']}-{$run['to']}")." {$run['spans']}";
                $run = [];
            }
            $run = ['from' => $run['from'] ?? (string) $day, 'to' => (string) $day, 'spans' => (string) $spans];
        }

        return implode('; ', $parts);
    }

    /** @return list<string> */
    private static function days(string $word): array
    {
        $ends = array_map(static function (string $day): int {
            $at = array_search(substr($day, 0, 3), Hours::WEEKDAYS, true);

            return $at === false ? throw new NotUnderstood("“{$day}” is no weekday. ".self::ACCEPTS) : $at;
        }, explode('-', $word, 2));
        [$from, $to] = [$ends[0], $ends[1] ?? $ends[0]];

        return $from <= $to ? array_slice(Hours::WEEKDAYS, $from, $to - $from + 1)
            : throw new NotUnderstood("“{$word}” ends before it begins. ".self::ACCEPTS);
    }

    /** @return array{string, string} */
    private static function span(string $word): array
    {
        $ends = explode('-', $word);
        $clock = static function (string $said): string {
            if (preg_match('/^([01]?\d|2[0-4])(?:[:.]([0-5]\d))?$/D', $said, $part) !== 1
                || ((int) $part[1] === 24 && (int) ($part[2] ?? 0) > 0)) {
                throw new NotUnderstood("“{$said}” is no time of day. ".self::ACCEPTS);
            }

            return sprintf('%d:%02d', (int) $part[1], (int) ($part[2] ?? 0));
        };
        if (count($ends) !== 2) {
            throw new NotUnderstood("“{$word}” says no beginning and end. ".self::ACCEPTS);
        }
        [$from, $to] = array_map($clock, $ends);

        return strnatcmp($from, $to) < 0 ? [$from, $to]
            : throw new NotUnderstood("“{$word}” ends before it begins. ".self::ACCEPTS);
    }
}
