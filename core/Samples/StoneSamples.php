<?php

declare(strict_types=1);

namespace HotSprue\Samples;

/** Stones and their seats. */
final class StoneSamples
{
    /** @return array<string, non-empty-list<array<string, mixed>>> by calculation */
    public static function all(): array
    {
        return [
            'stone.outline' => [
                ['shape' => 'pear', 'length' => '9', 'width' => '6'],
                ['shape' => 'round', 'length' => 6.5, 'width' => 6.5],
                ['shape' => 'oval', 'length' => 10, 'width' => 8],
                ['shape' => 'marquise', 'length' => 10, 'width' => 5],
                ['shape' => 'cushion', 'length' => 8, 'width' => 7],
                ['shape' => 'octagon', 'length' => 8, 'width' => 6],
                ['shape' => 'rectangle', 'length' => 7, 'width' => 5],
                ['shape' => 'trillion', 'length' => 6, 'width' => 6],
                ['shape' => 'hexagon', 'length' => 9, 'width' => 6],
                ['shape' => 'kite', 'length' => 9, 'width' => 5],
                ['shape' => 'half-moon', 'length' => 7, 'width' => 3],
            ],
            'stone.weight' => [
                ['shape' => 'round', 'width' => '6.5', 'depth' => '4', 'species' => 'diamond'],
                ['shape' => 'octagon', 'length' => 8.4, 'width' => 6, 'depth' => 4, 'specific_gravity' => 2.72],
                [
                    'shape' => 'oval', 'length' => 9, 'width' => 7, 'depth' => 3.5, 'species' => 'opal',
                    'cut' => 'cabochon', 'weighed_carats' => 1.1,
                ],
            ],
            'care.check' => [
                ['stones' => [['species' => 'opal']], 'steps' => ['ultrasonic']],
                [
                    'stones' => [['species' => 'opal'], ['species' => 'diamond', 'name' => 'left']],
                    'steps' => ['ultrasonic'],
                ],
            ],
            'seat.bezel' => [
                ['shape' => 'oval', 'length' => '8', 'width' => '6'],
                ['shape' => 'round', 'width' => 4.5, 'alloy' => 'sterling-925', 'made_from' => 'tube'],
                [
                    'shape' => 'pear', 'length' => 9, 'width' => 6, 'school' => 'to-size-in-wax', 'seat_height' => 3,
                    'cover' => 0.4,
                ],
                ['shape' => 'rectangle', 'length' => 7, 'width' => 5],
                ['shape' => 'octagon', 'length' => 8, 'width' => 6, 'corners' => 'scored', 'ledge_width' => 0],
                [
                    'shape' => 'oval', 'length' => 10, 'width' => 8, 'cut' => 'cabochon', 'depth' => 1.2,
                    'school' => 'all-in-metal',
                ],
            ],
            'seat.claw' => [
                ['shape' => 'round', 'width' => '6.5'],
                ['shape' => 'round', 'width' => 4, 'claws' => 3, 'standing' => 2.5],
                ['shape' => 'oval', 'length' => 9, 'width' => 7, 'claws' => 6],
                ['shape' => 'pear', 'length' => 9, 'width' => 6, 'notch' => 0.3, 'wire' => 1.1],
                ['shape' => 'marquise', 'length' => 10, 'width' => 5],
                ['shape' => 'octagon', 'length' => 8, 'width' => 6],
                ['shape' => 'rectangle', 'length' => 8, 'width' => 6],
                ['shape' => 'trillion', 'width' => 7, 'below' => 3],
                ['shape' => 'cushion', 'length' => 8, 'width' => 7],
                ['shape' => 'hexagon', 'length' => 9, 'width' => 6],
                ['shape' => 'kite', 'length' => 9, 'width' => 5],
                ['shape' => 'half-moon', 'length' => 7, 'width' => 3],
            ],
            'seat.gallery' => [
                [
                    'shape' => 'oval', 'length' => 9, 'width' => 7, 'outside' => 0.7, 'depths' => '1.5, 3',
                    'taper' => 10, 'struts' => 4, 'alloy' => '18k-yellow',
                ],
                [
                    'shape' => 'round', 'width' => 8, 'levels' => [['depth' => 2, 'inset' => 0.5]], 'wire' => 0.9,
                    'height' => 1.2,
                ],
            ],
            'setting.place' => [
                [
                    'shape' => 'round', 'width' => 3, 'outside' => 0.45, 'angle' => 20, 'across' => 0.5,
                    'outer_diameter' => 21.3, 'inner_diameter' => 17.3, 'band_width' => 5, 'girdle' => 1.7,
                    'others' => [['name' => 'the oval', 'shape' => 'oval', 'length' => 6, 'width' => 4, 'turn' => 90]],
                ],
            ],
            'settings.total' => [
                ['settings' => [
                    [
                        'name' => 'the sapphire', 'style' => 'tube', 'made' => 'apart', 'carats' => 1.02,
                        'weighed' => true, 'volume_mm3' => 14.2,
                    ],
                    ['name' => 'round it', 'holds' => 'halo', 'style' => 'bead', 'stones' => 14, 'carats' => 0.28],
                ], 'alloy' => '18k-yellow'],
            ],
            'settings.cut' => [
                ['settings' => [
                    [
                        'name' => 'the sapphire', 'kind' => 'tube', 'section' => '5.0 × 4.0', 'length' => 3.2,
                        'volume_mm3' => 14.2,
                    ],
                    [
                        'name' => 'the opal', 'kind' => 'strip', 'section' => '0.4 × 3', 'length' => 21,
                        'volume_mm3' => 25,
                    ],
                    [
                        'name' => 'the beryl', 'kind' => 'wire', 'section' => '1.0', 'length' => 7, 'count' => 4,
                        'volume_mm3' => 5.5,
                    ],
                ], 'shank_mass' => 4.1, 'old_mass' => 5],
            ],
            'seat.round' => [
                ['diameter' => '3'], ['diameter' => 1.3, 'style' => 'bead'],
                ['diameter' => 2.5, 'depth' => 1.6, 'style' => 'shared'],
            ],
            'seat.depth' => [
                ['diameter' => '2', 'thickness' => '2.2', 'inner_diameter' => '17.3', 'pitch' => '2.6'],
                [
                    'diameter' => 3, 'thickness' => 3, 'inner_diameter' => 17.3, 'style' => 'bead',
                    'girdle_below' => 0.2,
                ],
            ],
        ];
    }
}
