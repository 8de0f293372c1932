<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use DateTimeImmutable;
use HotSprue\Calculation\Answer;
use HotSprue\Fields\Input;

/** A plan as lanes across days: people, kilns and tumblers, jobs as bars with their numbers,
    waits in the kiln solid. */
final class PlanDrawing
{
    private const WIDE = 168.0;

    private const LANE = 11.0;

    private const MOST_DAYS = 7;

    /** @return list<View> the days from the plan’s own on, as many as there is work in, up to a week */
    public static function week(Input $input, Answer $answer): array
    {
        $placed = array_values((array) $answer->value('placed'));
        $lanes = self::lanes($placed);
        $from = (new DateTimeImmutable($placed[0]['start'] ?? $input->text('now')))->setTime(0, 0);
        $ends = array_map(static fn (array $row): DateTimeImmutable => new DateTimeImmutable($row['end']), $placed);
        $long = $ends === [] ? 1 : (int) $from->diff(max($ends))->days + 1;
        $days = max(1, min(self::MOST_DAYS, $long));
        $deep = self::LANE * max(1, count($lanes));
        $view = new View('plan', 'Who does what when', 'main', [-30, -9, self::WIDE + 34, $deep + 26]);
        for ($day = 0; $day <= $days; $day++) {
            $x = self::WIDE * $day / $days;
            $view->line($x, 0, $x, $deep, 'ghost');
            $day === $days || $view->text(
                $x + self::WIDE / $days / 2, -3, $from->modify("+{$day} days")->format('D j M'), 'middle', 'small',
            );
        }
        foreach ($lanes as $at => $lane) {
            $view->text(-3, self::LANE * $at + 7, $lane, 'end', 'small')
                ->line(0, self::LANE * ($at + 1), self::WIDE, self::LANE * ($at + 1), 'ghost');
        }
        $lane = array_flip($lanes);
        foreach ($placed as $row) {
            $pieces = $row['resource'] === 'person' ? $row['pieces']
                : [['from' => $row['start'], 'to' => $row['end']]];
            foreach ($row['by'] === null ? [] : $pieces as $piece) {
                self::bar($view, $row, $piece, self::LANE * $lane[$row['by']], $from, $days);
            }
        }

        return [$view->result('late_min', 'late', [20, $deep + 10])
            ->result('burnouts_count', 'burnouts', [80, $deep + 10])
            ->result('sooner_min', 'sooner at most', [140, $deep + 10])];
    }

    /**
     * @param  array<string, mixed>  $row
     * @param  array{from: string, to: string}  $piece
     */
    private static function bar(
        View $view, array $row, array $piece, float $y, DateTimeImmutable $from, int $days,
    ): void
    {
        $at = static fn (string $moment): float => self::WIDE / $days
            * ((new DateTimeImmutable($moment))->getTimestamp() - $from->getTimestamp()) / 86_400;
        $start = max(0.0, $at($piece['from']));
        $end = min(self::WIDE, $at($piece['to']));
        if ($end <= $start) {
            return;
        }
        $style = match ($row['resource']) {
            'kiln' => 'fill-hot', 'tumbler' => 'fill-invest', default => 'fill-sprue'
        };
        $view->rect($start, $y + 2, $end - $start, self::LANE - 4, $style)
            ->rect($start, $y + 2, $end - $start, self::LANE - 4, $row['fixed'] ? 'outline' : 'thin');
        // A number that does not fit would stand on its neighbour's.
        if ($end - $start > 2.2 * strlen((string) $row['job'])) {
            $view->text(($start + $end) / 2, $y + 7, (string) $row['job'], 'middle', 'small');
        }
    }

    /**
     * @param  list<array<string, mixed>>  $placed
     * @return list<string> people first, then kilns and tumblers
     */
    private static function lanes(array $placed): array
    {
        $lanes = ['person' => [], 'kiln' => [], 'tumbler' => []];
        foreach ($placed as $row) {
            $row['by'] === null ?: $lanes[$row['resource']][(string) $row['by']] = (string) $row['by'];
        }
        foreach ($lanes as &$of) {
            ksort($of);
        }

        return array_merge(...array_values(array_map(array_values(...), $lanes)));
    }
}
