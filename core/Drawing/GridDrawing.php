<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Calculation\Answer;
use HotSprue\Fields\Input;

/** The band laid flat at what it is wrapped round, with every line to scribe; letters in their cells. */
final class GridDrawing
{
    /** @return list<View> */
    public static function views(Input $input, Answer $answer): array
    {
        $around = $answer->num('circumference');
        $view = FormDrawing::unrolled(
            'Unrolled, with its lines', $around, $input->num('width'),
            $input->numOr('width_base', $input->num('width')), 'grid', $input->numOr('slice', 0.0),
        );
        $half = $input->numOr('slice', $input->num('width')) / 2;
        if ($input->has('slice')) {
            $view->rect(0, -$half, $around, 2 * $half, 'cast');
        }
        $stones = $answer->value('stones');
        foreach (is_array($stones) ? $stones : [] as $stone) {
            [$x, $y, $r] = [$around / 2 + $stone['along_mm'], -$stone['across_mm'], $stone['diameter_mm'] / 2];
            $view->circle($x, $y, $r)
                ->line($x - 0.4, $y, $x + 0.4, $y, 'measure')->line($x, $y - 0.4, $x, $y + 0.4, 'measure');
        }

        return [$view];
    }

    /** @return list<View> */
    public static function letters(Answer $answer): array
    {
        $cells = $answer->value('cells');
        if (! is_array($cells) || $cells === []) {
            return [];
        }
        $around = $answer->num('circumference');
        $high = 2.4;
        $view = new View(
            'letters', sprintf('Letters: cells of %.2f mm for a weight of 1', $answer->num('unit')), 'foot',
            [-4, -$high - 0.5, $around + 8, 2 * $high + 3.5],
        );
        $view->rect(0, -$high, $around, 2 * $high, 'fill-paper')->rect(0, -$high, $around, 2 * $high);
        foreach ($cells as $cell) {
            [$from, $to] = [$cell['from_mm'], $cell['to_mm']];
            // A cell that goes over the seam has its sign where most of it lies.
            $wide = $to > $from ? $to - $from : $to - $from + $around;
            $view->line($from, -$high, $from, $high, 'thin')->text(
                fmod($from + $wide / 2, $around), 0.5, $cell['sign'], 'middle', 'label',
            );
        }

        return [$view];
    }
}
