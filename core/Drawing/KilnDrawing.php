<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Calculation\Answer;

/** The programme as a curve: hours across, °C up. */
final class KilnDrawing
{
    private const WIDE = 190.0;

    private const DEGREE = 0.11;

    /** @return list<View> */
    public static function views(Answer $answer): array
    {
        $stages = $answer->value('stages');
        if (! is_array($stages) || $stages === []) {
            return [];
        }
        $limit = $answer->num('gypsum_limit');
        $hours = $answer->num('total_min') / 60;
        $up = static fn (float $c): float => -$c * self::DEGREE;
        $wide = self::WIDE;
        $hourLong = $wide / $hours;
        $start = $answer->value('start_at');
        $begun = is_string($start) ? date_create_immutable($start) : false;
        $high = max(array_column($stages, 'ramp_to_c'));
        $view = new View('kiln', 'The programme', 'main', [-18, $up($high) - 14, $wide + 44, -$up($high) + 54], 1);
        $view->line(0, 0, $wide, 0, 'thin');
        for ($hour = 0; $hour <= $hours; $hour++) {
            $view->line($hour * $hourLong, 0, $hour * $hourLong, 1.5, 'thin')->text(
                $hour * $hourLong, 6, $begun === false ? "{$hour} h" : $begun->modify("+{$hour} hours")->format('H:i'),
                'middle', 'small',
            );
        }
        $points = [[0.0, $up(20.0)]];
        $at = 0.0;
        foreach ($stages as $stage) {
            $view->line(
                0, $up($stage['ramp_to_c']), $wide, $up($stage['ramp_to_c']), 'ghost',
            )->degrees(-2, $up($stage['ramp_to_c']) + 1.5, $stage['ramp_to_c'], 'end');
            $from = $at;
            $at += $stage['ramp_min'] / 60;
            $points[] = [$at * $hourLong, $up($stage['ramp_to_c'])];
            $at += $stage['hold_min'] / 60;
            $points[] = [$at * $hourLong, $up($stage['ramp_to_c'])];
            $view->line($from * $hourLong + 1, 11, $at * $hourLong - 1, 11, 'bar')->text(
                ($from + $at) / 2 * $hourLong, 17, $stage['name'], 'middle', 'small',
            );
        }
        $view->line(0, $up($limit), $wide, $up($limit), 'limit')->degrees(
            $wide, $up($limit) - 2, $limit, 'end', 'hot', 'gypsum limit ',
        )
            ->through($points, 'hot', false)
            ->input(
                'pour_temperature', 'flask at the pour',
                [$wide + 8, $up($stages[array_key_last($stages)]['ramp_to_c']) + 12],
            )
            ->input('ready_at', 'ready to pour', [$wide - 26, 30])
            ->result('start_at', 'switch on', [16, 30]);

        return [$view];
    }
}
