<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Calculation\Answer;
use HotSprue\Fields\Input;

/** A groove in a band, cut across, with the strip that is pressed into it. */
final class InlayDrawing
{
    /** @return list<View> */
    public static function views(Input $input, Answer $answer): array
    {
        [$wide, $thick] = [$input->num('width'), $input->num('thickness')];
        $groove = $answer->num('groove_width');
        $deep = $input->numOr('groove_depth', $thick);
        $band = $input->numOr('band_width', $groove + 3);
        $floor = 1.4;
        $half = $band / 2;
        $view = (new View(
            'inlay', 'Groove and inlay, cut across', 'main', [-$half - 4, -3, $band + 8, $deep + $floor + 6], 6,
        ))
            ->filled([
                [-$half, 0], [-$groove / 2, 0], [-$groove / 2, $deep], [$groove / 2, $deep], [$groove / 2, 0], [$half,
                    0],
                [$half, $deep + $floor], [-$half, $deep + $floor],
            ], 'fill-metal')
            ->rect(-$wide / 2, $deep - $thick, $wide, $thick, 'fill-sprue')
            ->rect(-$wide / 2, $deep - $thick, $wide, $thick, 'finished');

        return [$view->input('width', 'inlay wide', [0, -1.9], [[-$wide / 2, -0.6], [$wide / 2, -0.6]])
            ->input('thickness', 'inlay thick', [$half + 2, $deep / 2])
            ->input('groove_depth', 'groove deep', [-$half - 2, $deep / 2])
            ->result('length', 'to cut', [0, $deep + $floor + 1.6])];
    }
}
