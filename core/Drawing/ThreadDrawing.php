<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Calculation\Answer;

/** A job's steps under one another: minutes at the bench as bars, what waits by itself as a line with its time. */
final class ThreadDrawing
{
    private const LONG = 80.0;

    private const ROW = 7.0;

    /** @return list<View> */
    public static function views(Answer $answer): array
    {
        $steps = array_slice(array_values((array) $answer->value('steps')), 0, 40);
        if ($steps === []) {
            return [];
        }
        $most = max([1.0, ...array_map(static fn (array $step): float => (float) $step['attended_min'], $steps)]);
        $view = new View('thread', 'Step by step', 'main', [-48, -3, self::LONG + 96, self::ROW * count($steps) + 22]);
        foreach ($steps as $at => $step) {
            $y = self::ROW * $at;
            $long = self::LONG * (float) $step['attended_min'] / $most;
            $view->text(-3, $y + 3.8, (string) $step['name'], 'end', 'small');
            if ($long > 0) {
                $view->rect(0, $y, $long, 5, 'fill-sprue')->rect(0, $y, $long, 5, 'thin')
                    ->text($long + 2, $y + 3.8, self::said((float) $step['attended_min']), 'start', 'small');
            }
            if ($step['wait_min'] > 0) {
                $view->line(self::LONG + 16, $y + 2.5, self::LONG + 24, $y + 2.5, 'cast')->text(
                    self::LONG + 26, $y + 3.8, self::said((float) $step['wait_min']), 'start', 'small',
                );
            }
        }
        $foot = self::ROW * count($steps) + 9;

        return [$view->result('attended', 'at the bench', [0, $foot])->result('waiting', 'waits', [self::LONG / 2,
            $foot])
            ->result('length', 'at the soonest', [self::LONG, $foot])];
    }

    private static function said(float $minutes): string
    {
        return match (true) {
            $minutes >= 1440 => sprintf('%g d', round($minutes / 1440, 1)),
            $minutes >= 120 => sprintf('%d:%02d h', intdiv((int) round($minutes), 60), (int) round($minutes) % 60),
            default => sprintf('%g min', round($minutes, 1)),
        };
    }
}
