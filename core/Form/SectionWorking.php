<?php

declare(strict_types=1);

namespace HotSprue\Form;

use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Formula;

/** How the figures of a section are come by, from its own shape. Source: workbook 2. */
final class SectionWorking
{
    /** @param list<string> $uses */
    public static function workSection(AnswerBuilder $answer, Section $top, array $uses): void
    {
        [$w, $t] = [$top->width, $top->thickness];
        $because = 'the exact shape';
        $size = ['width' => $w, 'thickness' => $t];
        $byMoment = Formula::of('{first moment of the section about the finger side} ÷ {area}',
            ['first moment of the section about the finger side' => $top->centroid * $top->area, 'area' => $top->area]);
        match ($top->profile) {
            Profile::Flat => $answer->work(
                'area_top', $top->area, Formula::of('{width} × {thickness}', $size), uses: $uses, because: $because,
            )
                ->work(
                    'centroid_top', $top->centroid, Formula::of('{thickness} ÷ 2', $size), uses: $uses,
                    because: $because,
                ),
            Profile::Round => $answer->work(
                'area_top', $top->area, Formula::of('π × {width} × {thickness} ÷ 4', $size), uses: $uses,
                because: $because,
            )
                ->work(
                    'centroid_top', $top->centroid, Formula::of('{thickness} ÷ 2', $size), uses: $uses,
                    because: $because,
                ),
            Profile::Knife => $answer->work(
                'area_top', $top->area,
                Formula::of('{width} × ({edge} + {thickness}) ÷ 2', [...$size, 'edge' => $top->edge]),
                uses: [...$uses, 'edge'], because: $because,
            )
                ->work(
                    'centroid_top', $top->centroid,
                    Formula::of(
                        '({width} × {edge} ^ 2 ÷ 2 + {width} × {thickness over the edge} ÷ 2 × ({edge} + {thickness '
                            .'over the edge} ÷ 3)) ÷ {area}',
                        [
                            'width' => $w, 'edge' => $top->edge, 'thickness over the edge' => $t - $top->edge,
                            'area' => $top->area,
                        ],
                    ),
                    uses: [...$uses, 'edge'], because: $because,
                ),
            Profile::HalfRound => ($t <= $w / 2
                ? $answer->work(
                    'area_top', $top->area,
                    Formula::of(
                        '{radius} ^ 2 × {half its angle} − ({radius} − {thickness}) × {width} ÷ 2',
                        [
                            'radius' => ($w ** 2 / 4 + $t ** 2) / (2 * $t),
                            'half its angle' => atan2($w / 2, ($w ** 2 / 4 - $t ** 2) / (2 * $t)), 'thickness' => $t,
                            'width' => $w,
                        ],
                    ),
                    uses: $uses, because: 'a circular segment; α is half its angle, in radians',
                )
                : $answer->work(
                    'area_top', $top->area, Formula::of('π × {width} × {thickness} ÷ 4', $size), uses: $uses,
                    because: 'higher than half its width: half an ellipse',
                ))
                ->work('centroid_top', $top->centroid, $byMoment, uses: $uses, because: $because),
            Profile::Court => $answer->work(
                'area_top', $top->area,
                Formula::of('{width} × {body} + {inner dome} + {outer dome}', [
                    'width' => $w, 'body' => $top->edge,
                    'inner dome' => (new Segment($w, $top->riseInside))->area,
                    'outer dome' => (new Segment($w, $top->riseOutside))->area,
                ]),
                uses: $uses, because: 'a flat body between two circular segments',
            )
                ->work('centroid_top', $top->centroid, $byMoment, uses: $uses, because: $because),
        };
        $top->profile === Profile::Flat
            ? $answer->work(
                'perimeter_top', $top->perimeter,
                Formula::of('2 × ({width} + {thickness})', ['width' => $w, 'thickness' => $t]), uses: $uses,
                because: $because,
            )
            : $answer->work(
                'perimeter_top', $top->perimeter, Formula::taken('the length of the outline', $top->perimeter),
                uses: $uses, because: $because,
            );
    }
}
