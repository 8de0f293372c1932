<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Calculation\Answer;
use HotSprue\Fields\Input;
use HotSprue\Form\FingerInput;

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
        $main = (new View(
            'wax', 'The wax, with the casting and the finished ring inside it', 'main',
            [-$side - 6, -$up - 6.5, 2 * $side + 12, $up + $down + 13],
        ))
            ->path(RingSide::wall($bore, $top, $base), 'fill-wax')
            ->through(RingSide::outer($bore, $top, $base))
            ->circle(0, 0, $bore / 2)
            ->through(
                RingSide::outer(
                    $a->num('bore_as_cast'), $a->num('thickness_as_cast'), $a->num('thickness_base_as_cast'),
                ),
                'cast',
            )
            ->circle(0, 0, $a->num('bore_as_cast') / 2, 'cast')
            ->through(RingSide::outer($finger, $thickness, $input->numOr('thickness_base', $thickness)), 'finished')
            ->circle(0, 0, $finger / 2, 'finished')
            ->line(-$side - 1.5, 0, $side + 1.5, 0, 'centre')
            ->line(0, -$up - 1.5, 0, $down + 1.5, 'centre')
            ->result('thickness', 'thickness at top, wax', [0, -$up - 4.2], [[0, -$up], [0, -$bore / 2]])
            ->result('bore', 'bore, wax', [0, -2.2], [[-$bore / 2, -2.2], [$bore / 2, -2.2]])
            ->input('finish_inside', 'finishing inside, a face', [0, 2.6])
            ->result('thickness_base', 'thickness at base, wax', [0, $down + 4.2], [[0, $bore / 2], [0, $down]]);

        return [
            $main, self::corner($input, $a),
            FormDrawing::unrolled(
                'Unrolled at the wax’s outside', M_PI * ($bore + $top + $base), $a->num('width'), $a->num('width_base'),
            ),
        ];
    }

    /** One outer corner of the section, much enlarged: what casting shrinks and what finishing takes. */
    private static function corner(Input $input, Answer $a): View
    {
        [$wax, $cast, $finished] = [
            [$a->num('width') / 2, $a->num('thickness')], [$a->num('width_as_cast') / 2, $a->num('thickness_as_cast')],
            [$input->num('width') / 2, $input->num('thickness')],
        ];
        // All three stand on the middle of the wall, as they do in the flask.
        $line = static fn (array $half): array => [
            [$wax[0] - 1.3, -($wax[1] + $half[1]) / 2], [$half[0], -($wax[1] + $half[1]) / 2],
            [$half[0], -($wax[1] + $half[1]) / 2 + 1.0],
        ];
        [$right, $top] = [$wax[0], -$wax[1]];

        return (new View(
            'corner', 'A corner: wax, casting (dashed), finished', 'side', [$right - 1.5, $top - 0.95, 2.1, 2.9], 20,
        ))
            ->through([...$line($wax), [$right - 1.3, $top + 1.0]], 'fill-wax')
            ->through($line($wax), 'outline', false)
            ->through($line($cast), 'cast', false)
            ->through($line($finished), 'finished', false)
            ->input('finish_outside', 'finishing outside', [$right - 0.45, $top - 0.5])
            ->input('finish_side', 'finishing a side', [$right - 0.45, $top + 1.5]);
    }
}
