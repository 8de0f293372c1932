<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Calculation\Answer;

/** Flask and metal at the pour on one scale of heat. */
final class HeatScale
{
    private const LONG = 120.0;

    /** @return list<View> */
    public static function views(Answer $answer): array
    {
        [$flask, $low, $high] = [
            $answer->num('flask_temperature'), $answer->num('metal_low'), $answer->num('metal_high'),
        ];
        $at = static fn (float $c): float => self::LONG * $c / ($high + 100);
        $view = (new View('heat', 'Heat at the pour', 'main', [-12, -16, self::LONG + 24, 44]))
            ->rect(0, 0, self::LONG, 6, 'fill-paper')->rect(0, 0, self::LONG, 6, 'thin')
            ->rect(0, 0, $at($flask), 6, 'fill-invest')
            ->rect($at($low), 0, max(0.6, $at($high) - $at($low)), 6, 'fill-hot');
        for ($c = 0.0; $c <= $high + 100; $c += 200) {
            $view->line($at($c), 6, $at($c), 8, 'thin')->degrees($at($c), 12, $c);
        }

        return [$view->result('flask_temperature', 'flask', [$at($flask), -9], [[$at($flask), -3], [$at($flask), 0]])
            ->result('metal_low', 'metal from', [$at($low) - 16, 21])
            ->result('metal_high', 'metal to', [$at($high) + 6, 21])];
    }
}
