<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Calculation\Answer;
use HotSprue\Fields\Input;

/** The rails of a basket under their stone, from the side, to scale. */
final class GalleryDrawing
{
    /** @return list<View> */
    public static function views(Input $input, Answer $answer): array
    {
        $half = $input->num('width') / 2;
        $outside = $half + $input->num('outside');
        $rings = array_slice((array) $answer->value('rings'), 0, 12);
        $deepest = max([1.0, ...array_column($rings, 'depth_mm')]);
        $thick = max(0.3, $input->numOr('wire', 0.8));
        $view = (new View(
            'gallery', 'The basket from the side', 'main', [-3 * $outside, -2, 6 * $outside, $deepest + 5], 6,
        ))->filled([[-0.58 * $half, -0.9], [0.58 * $half, -0.9], [$half, 0], [0, 0.85 * $half], [-$half, 0]],
            'fill-stone', 'thin');
        [$foot, $top] = [$outside, $outside];
        foreach ($rings as $ring) {
            $reach = $outside - (float) $ring['inset_mm'];
            $view->rect(-$reach, $ring['depth_mm'], 2 * $reach, $thick, 'fill-metal')
                ->rect(-$reach, $ring['depth_mm'], 2 * $reach, $thick);
            $foot = $reach;
        }
        foreach ([-1, 1] as $side) {
            $view->line($side * $top, 0, $side * $foot, $deepest + $thick);
        }

        return [$view->input('taper', 'taper', [2 * $outside, $deepest * 0.3])
            ->input('outside', 'outside the stone', [-2 * $outside, $deepest * 0.3])
            ->result('ring_length', 'wire of the rails', [0, $deepest + 2.2])];
    }
}
