<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Form\FingerInput;
use HotSprue\Sheet\Answer;
use HotSprue\Sheet\Input;

/** Finished, as cast and wax on one ring and one section, each allowance between its lines. */
final class WaxDrawing
{
    /** @return list<View> */
    public static function views(Input $input, Answer $a): array
    {
        [$bore, $top, $base] = [$a->num('bore'), $a->num('thickness'), $a->num('thickness_base')];
        [$up, $down] = [$bore / 2 + $top, $bore / 2 + $base];
        $side = max($up, $down);
        $finger = FingerInput::read($input)->diameter();
        $thickness = $input->num('thickness');
        $main = (new View('wax', 'The wax, with the casting and the finished ring inside it', 'main', [-$side - 6, -$up - 6.5, 2 * $side + 12, $up + $down + 13]))
            ->path(RingSide::wall($bore, $top, $base), 'fill-wax')
            ->through(RingSide::outer($bore, $top, $base))
            ->circle(0, 0, $bore / 2)
            ->through(RingSide::outer($a->num('bore_as_cast'), $a->num('thickness_as_cast'), $a->num('thickness_base_as_cast')), 'cast')
            ->circle(0, 0, $a->num('bore_as_cast') / 2, 'cast')
            ->through(RingSide::outer($finger, $thickness, $input->numOr('thickness_base', $thickness)), 'finished')
            ->circle(0, 0, $finger / 2, 'finished')
            ->line(-$side - 1.5, 0, $side + 1.5, 0, 'centre')
            ->line(0, -$up - 1.5, 0, $down + 1.5, 'centre')
            ->result('thickness', 'thickness at top, wax', [0, -$up - 4.2], [[0, -$up], [0, -$bore / 2]])
            ->result('bore', 'bore, wax', [0, -2.2], [[-$bore / 2, -2.2], [$bore / 2, -2.2]])
            ->input('finish_inside', 'finishing inside, a face', [0, 2.6])
            ->result('thickness_base', 'thickness at base, wax', [0, $down + 4.2], [[0, $bore / 2], [0, $down]]);
        $w = $a->num('width');
        $castW = $a->num('width_as_cast');
        $finW = $input->num('width');
        $t = $top;
        $section = (new View('section', 'Wax, casting, finished', 'side', [-$w / 2 - 1.2, -$t - 0.8, $w + 2.4, $t + 4.6], 3))
            ->rect(-$w / 2, -$t, $w, $t, 'fill-wax')
            ->rect(-$w / 2, -$t, $w, $t)
            ->rect(-$castW / 2, -($t + $a->num('thickness_as_cast')) / 2, $castW, $a->num('thickness_as_cast'), 'cast')
            ->rect(-$finW / 2, -($t + $thickness) / 2, $finW, $thickness, 'finished')
            ->result('width', 'width, wax', [0, 0.9], [[-$w / 2, 0.4], [$w / 2, 0.4]])
            ->input('finish_side', 'finishing a side', [-$w / 4, 2.9])
            ->input('finish_outside', 'finishing outside', [$w / 4, 2.9]);

        return [$main, $section, FormDrawing::unrolled('Unrolled at the wax’s outside', M_PI * ($bore + $top + $base), $w, $a->num('width_base'))];
    }
}
