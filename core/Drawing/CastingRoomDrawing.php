<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

/** The casting room as it stands: flasks to be invested side by side, and the next pours on a line of days. */
final class CastingRoomDrawing
{
    /** Flasks drawn in one row. */
    private const ROW = 6;

    private const DAY = 26.0;

    /**
     * @param  list<array{jobs: list<int>, across: float, alloy: string, pour_c: float}>  $flasks
     */
    public static function flasks(array $flasks): View
    {
        $flasks = array_slice($flasks, 0, 4 * self::ROW);
        $pitch = 44.0;
        $rows = max(1, (int) ceil(count($flasks) / self::ROW));
        $wide = $pitch * max(3, min(self::ROW, count($flasks)));
        $view = new View('flasks', 'Flasks to be invested, from above', 'main', [-4, -4, $wide + 8, 56 * $rows + 4]);
        foreach ($flasks as $at => $flask) {
            $x = $pitch * ($at % self::ROW + 0.5);
            $y = 56.0 * intdiv($at, self::ROW) + 17;
            $view->circle($x, $y, 16, 'fill-invest')->circle($x, $y, 16);
            $count = count($flask['jobs']);
            foreach ($flask['jobs'] as $turn => $number) {
                $angle = 2 * M_PI * $turn / $count - M_PI / 2;
                $reach = $count === 1 ? 0.0 : 9.0;
                [$atX, $atY] = [$x + $reach * cos($angle), $y + $reach * sin($angle)];
                $view->circle($atX, $atY, 5.2, 'fill-wax')->circle($atX, $atY, 5.2, 'thin')
                    ->text($atX, $atY + 1.3, (string) $number, 'middle', 'small');
            }
            $view->text($x, $y + 22, str_replace('-', ' ', $flask['alloy']), 'middle', 'small')
                ->degrees($x, $y + 28, $flask['pour_c'], words: 'pour at ');
        }

        return $view;
    }

    /**
     * @param  list<string>  $days  what each day is called, from today
     * @param  list<array{called: string, from: float, to: float, burning: bool}>  $runs  in days from today's midnight
     * @param  float  $now  in days, too
     */
    public static function pours(array $days, array $runs, float $now): View
    {
        $long = self::DAY * count($days);
        $runs = array_values(array_filter($runs,
            static fn (array $run): bool => $run['to'] > 0 && $run['from'] < count($days)));
        $high = 11.0 * max(1, count($runs));
        $view = new View('pours', 'Next pours', 'foot', [-2, -10, $long + 4, $high + 16]);
        foreach ($days as $at => $day) {
            $view->line(self::DAY * $at, -2, self::DAY * $at, $high, 'thin')
                ->text(self::DAY * ($at + 0.5), -4, $day, 'middle', 'small');
        }
        foreach ($runs as $at => $run) {
            $from = self::DAY * max(0.0, $run['from']);
            $to = self::DAY * min((float) count($days), $run['to']);
            $y = 11.0 * $at + 1;
            $view->rect($from, $y, max(1.0, $to - $from), 6, $run['burning'] ? 'fill-hot' : 'fill-invest')
                ->rect($from, $y, max(1.0, $to - $from), 6, 'thin')
                ->text($to > $long - 30 ? $to : $from, $y + 10, $run['called'], $to > $long - 30 ? 'end' : 'start',
                    'small');
        }

        return $view->line(self::DAY * $now, -2, self::DAY * $now, $high + 2, 'hot')
            ->text(self::DAY * $now, $high + 5, 'now', 'middle', 'small');
    }
}
