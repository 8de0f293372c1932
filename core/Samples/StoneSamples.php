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
