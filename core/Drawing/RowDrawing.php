<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Calculation\Answer;
use HotSprue\Fields\Input;

/** A row of stones over the band, unrolled, in both arrangements so that a client can choose. */
final class RowDrawing
{
    /** @return list<View> */
    public static function views(Input $input, Answer $answer): array
    {
        $views = [];
        $large = $input->text('middle') === 'large';
        foreach (['stones' => $large, 'other_way' => ! $large] as $result => $largeInMiddle) {
            $row = $answer->value($result);
            if (! is_array($row) || $row === []) {
                continue;
            }
            $widest = max(array_column($row, 'diameter_mm'));
            $end = max(
                array_map(static fn (array $stone): float => abs($stone['along_mm']) + $stone['diameter_mm'] / 2, $row),
            );
            $view = new View(
                $result === 'stones' ? 'row' : 'row-other-way',
                ($result === 'stones' ? 'The row: ' : 'The other way: ')
                    .($largeInMiddle ? 'large in the middle' : 'small in the middle'),
                'foot', [-$end - 22, -$widest / 2 - 1.2, 2 * $end + 44, $widest + 2.4], 3,
            );
            $view->line(-$end - 1.5, 0, $end + 1.5, 0, 'centre')->line(
                0, -$widest / 2 - 0.8, 0, $widest / 2 + 0.8, 'measure',
            );
            foreach ($row as $stone) {
                $view->circle($stone['along_mm'], 0, $stone['diameter_mm'] / 2, 'fill-stone')
                    ->circle($stone['along_mm'], 0, $stone['diameter_mm'] / 2)
                    ->circle($stone['along_mm'], 0, 0.275 * $stone['diameter_mm'], 'ghost');
            }
            if ($result === 'stones') {
                $view->input('count', 'in the row', [-$end - 15, 0])
                    ->input('gap', 'gap', [$end + 8, 0])->result('total_arc_deg', 'arc', [$end + 17, 0]);
            }
            $views[] = $view;
        }

        return $views;
    }
}
