<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Sheet\Answer;

/** The programme as a curve: hours across, °C up. */
final class KilnDrawing
{
    private const HOUR = 20.0;

    private const DEGREE = 0.11;

    /** @return list<View> */
    public static function views(Answer $answer): array
    {
        $stages = $answer->value('stages');
        if (! is_array($stages)) {
            return [];
        }
        $hours = $answer->num('total_min') / 60;
        $up = static fn (float $c): float => -$c * self::DEGREE;
        $wide = $hours * self::HOUR;
        $high = max(array_column($stages, 'ramp_to_c'));
        $view = new View('kiln', 'The programme', 'main', [-18, $up($high) - 14, $wide + 44, -$up($high) + 44], 1);
        $view->line(0, 0, $wide, 0, 'thin');
        for ($hour = 0; $hour <= $hours; $hour++) {
            $view->line($hour * self::HOUR, 0, $hour * self::HOUR, 1.5, 'thin')->text($hour * self::HOUR, 6, "{$hour} h", 'middle', 'small');
        }
        $points = [[0.0, $up(20.0)]];
        $at = 0.0;
        foreach ($stages as $stage) {
            $view->line(0, $up($stage['ramp_to_c']), $wide, $up($stage['ramp_to_c']), 'ghost')->text(-2, $up($stage['ramp_to_c']) + 1.5, sprintf('%.0f', $stage['ramp_to_c']), 'end', 'small');
            $from = $at;
            $at += $stage['ramp_min'] / 60;
            $points[] = [$at * self::HOUR, $up($stage['ramp_to_c'])];
            $at += $stage['hold_min'] / 60;
            $points[] = [$at * self::HOUR, $up($stage['ramp_to_c'])];
            $view->line($from * self::HOUR + 1, 11, $at * self::HOUR - 1, 11, 'bar')->text(($from + $at) / 2 * self::HOUR, 17, $stage['name'], 'middle', 'small');
        }
        $view->line(0, $up(732), $wide, $up(732), 'limit')->text($wide, $up(732) - 2, 'gypsum limit 732', 'end', 'hot')
            ->through($points, 'hot', false)
            ->input('pour_temperature', 'flask at the pour', [$wide + 8, $up($points === [] ? 0 : end($stages)['ramp_to_c']) + 12])
            ->input('ready_at', 'ready to pour', [$wide - 20, 25])
            ->result('start_at', 'switch on', [14, 25]);

        return [$view];
    }
}
