<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Calculation\Answer;
use HotSprue\Fields\Input;

/** Samples of a figure in their order: filled where they count, hollow where set aside; median, usual and used. */
final class SamplesDrawing
{
    private const LONG = 120.0;

    private const HIGH = 50.0;

    /** @return list<View> */
    public static function views(Input $input, Answer $answer): array
    {
        $values = array_map(static fn (array $row): float => (float) $row['value'], $input->rows('samples'));
        $usual = $input->num('default');
        $own = $answer->num('figure');
        $all = [...$values, $usual, $own];
        $room = max(max($all) - min($all), 1e-9);
        $y = static fn (float $value): float => self::HIGH * (max($all) - $value) / $room;
        $view = (new View('samples', 'Sample by sample', 'main', [-34, -10, self::LONG + 68, self::HIGH + 26]))
            ->line(0, $y($usual), self::LONG, $y($usual), 'cast')
            ->line(0, $y($own), self::LONG, $y($own), 'finished');
        $apart = array_map(
            static fn (array $one): float => (float) $one['value'], array_values((array) $answer->value('outliers')),
        );
        foreach ($values as $at => $value) {
            $x = self::LONG * ($at + 0.5) / count($values);
            $view->circle($x, $y($value), 1.6, in_array($value, $apart, true) ? 'ghost' : 'fill-sprue')
                ->circle($x, $y($value), 1.6, in_array($value, $apart, true) ? 'limit' : 'outline');
        }

        return [$view->input('default', 'usual, dashed', [-17, $y($usual)])
            ->result('figure', 'your own', [self::LONG + 17, $y($own)])
            ->result('spread_80', 'eight of ten within', [self::LONG / 2, self::HIGH + 10])];
    }
}
