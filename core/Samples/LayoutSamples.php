<?php

declare(strict_types=1);

namespace HotSprue\Samples;

/** Layouts on wax and metal. */
final class LayoutSamples
{
    /** @return array<string, non-empty-list<array<string, mixed>>> by calculation */
    public static function all(): array
    {
        return [
            'layout.halo' => [
                ['shape' => 'pear', 'length' => '9', 'width' => '6', 'stone_diameter' => '1.3'],
                ['shape' => 'round', 'width' => 6.5, 'stone_diameter' => 1.3],
                ['shape' => 'pear', 'length' => 9, 'width' => 6, 'stone_diameter' => 1.5, 'count' => 16],
                ['shape' => 'cushion', 'length' => 7, 'width' => 6, 'stone_diameter' => 1.2, 'count' => 30],
                [
                    'shape' => 'oval', 'length' => 9, 'width' => 7, 'stone_diameter' => 1.5, 'count' => 14,
                    'centre_claws' => 4, 'wire' => 1, 'notch' => 0.3,
                ],
            ],
            'layout.cluster' => [
                ['shape' => 'oval', 'length' => '9', 'width' => '7', 'stone_diameter' => '2', 'count' => '15'],
                ['stone_diameter' => 2.5, 'count' => 6, 'wire' => 0.8, 'dome' => 1, 'basket_depth' => 2.5],
            ],
            'layout.row' => [
                ['count' => '7', 'largest' => '2.5', 'smallest' => '1.6', 'outer_diameter' => '21.3'],
                ['sizes' => [3, 2.5, 2], 'outer_diameter' => 21.3],
                [
                    'count' => 8, 'largest' => 2.4, 'smallest' => 1.5, 'outer_diameter' => 21.3,
                    'girdle_depth' => 0.3, 'middle' => 'small', 'gap' => 0.2, 'thickness' => 2,
                ],
            ],
            'layout.lettering' => [
                ['text' => 'Ebb & flow', 'outer_diameter' => '22'],
                ['text' => 'IIM', 'outer_diameter' => 20, 'margin' => 3, 'start' => 30, 'weights' => [1, 1, 2]],
            ],
            'layout.divide' => [
                ['total' => '7.5', 'parts' => '3'], ['total' => 12, 'ratios' => [1, 2, 1], 'kerf' => 0.2],
            ],
            'layout.grid' => [
                ['width' => '5.28', 'thickness' => '2.28', 'bore' => '17.38'],
                [
                    'width' => 5.28, 'thickness' => 2.28, 'bore' => 17.38,
                    'stones' => [
                        ['along' => 0, 'diameter' => 3], ['along' => 3.4, 'diameter' => 2],
                        ['along' => -3.4, 'diameter' => 2],
                    ],
                ],
                [
                    'width' => 5, 'width_base' => 3, 'thickness' => 2.4, 'thickness_base' => 1.8, 'bore' => 17,
                    'slice' => 6, 'wrapped_on' => 27,
                ],
            ],
            'layout.symmetry' => [
                ['pairs' => [['name' => 'shoulder', 'left' => 3.4, 'right' => 3.1]]],
                [
                    'pairs' => [
                        ['name' => 'shoulder', 'left' => 3.4, 'right' => 3.1],
                        ['name' => 'width', 'left' => 5, 'right' => 5.1],
                    ],
                ],
            ],
        ];
    }
}
