<?php

declare(strict_types=1);

namespace HotSprue\Heat;

/** The set of lessons, from a plain seam to what wants both hands. Source: workbook 20, lessons. */
final class Lessons
{
    /** @return array<string, Lesson> by key */
    public static function all(): array
    {
        $lessons = [
            new Lesson(
                'ring-seam', 'A ring’s seam',
                'Warm the whole ring from the side away from the seam, then bring the seam to heat, both ends alike.',
                [
                    'parts' => [self::ring('ring', 'sterling-925', 4.5)],
                    'joints' => [['id' => 'seam', 'parts' => 'ring, ring', 'solder' => 'silver-medium']],
                ],
            ),
            new Lesson(
                'bezel-on-plate', 'A bezel on its plate',
                'The plate is the heavy side: heat it round the bezel, and let the bezel take its heat from it.',
                [
                    'parts' => [
                        self::plate('plate', 'sterling-925', 13.0, 13.0, 0.9),
                        self::loop('bezel', 'sterling-925', 24.0, 2.6, 0.45),
                    ],
                    'joints' => [['id' => 'bezel on plate', 'parts' => 'plate, bezel', 'solder' => 'silver-medium']],
                ],
            ),
            new Lesson(
                'wire-on-base', 'Thin claw wire on a heavy base',
                'Thin wire is heated through the base: a flame on the wire melts it before the base is warm.',
                [
                    'parts' => [
                        self::plate('base', 'sterling-925', 9.0, 9.0, 3.0),
                        ['id' => 'claw', 'alloy' => 'sterling-925', 'form' => 'bar', 'length' => 7.0, 'width' => 0.9],
                    ],
                    'joints' => [['id' => 'claw on base', 'parts' => 'base, claw', 'solder' => 'silver-medium']],
                ],
            ),
            new Lesson(
                'collet-on-shank', 'A light collet on a heavy shank',
                'Begin on the far side of the shank; come to the joint when the whole shank is hot.',
                [
                    'parts' => [
                        self::ring('shank', '18k-yellow', 8.0),
                        self::loop('collet', '18k-yellow', 16.0, 3.0, 0.6),
                    ],
                    'joints' => [
                        [
                            'id' => 'collet on shank', 'parts' => 'shank, collet', 'solder' => '18k-yellow-easy',
                            'length' => 4.0,
                        ],
                    ],
                ],
            ),
            new Lesson(
                'near-a-first', 'A second solder near a first',
                'Guard the first joint, heat from the other side, and take the flame away at the flash.',
                [
                    'parts' => [
                        self::ring('shank', 'sterling-925', 5.0),
                        ['id' => 'bar', 'alloy' => 'sterling-925', 'form' => 'bar', 'length' => 6.0, 'width' => 2.0,
                            'thickness' => 1.5],
                    ],
                    'joints' => [
                        [
                            'id' => 'shank seam', 'parts' => 'shank, shank', 'solder' => 'silver-hard',
                            'when' => 'before',
                        ],
                        ['id' => 'bar on shank', 'parts' => 'shank, bar', 'solder' => 'silver-easy'],
                    ],
                ],
            ),
            new Lesson(
                'gold-on-silver', 'Gold wire on textured silver',
                'Heat the silver from behind; the solder goes in there too, and the gold only follows.',
                [
                    'parts' => [
                        self::plate('silver', 'sterling-925', 16.0, 12.0, 1.0),
                        ['id' => 'wire', 'alloy' => '18k-yellow', 'form' => 'bar', 'length' => 11.0, 'width' => 0.8,
                            'x' => 0.0, 'y' => 0.0, 'turn' => 90.0],
                    ],
                    'joints' => [
                        [
                            'id' => 'wire on silver', 'parts' => 'silver, wire', 'solder' => 'silver-medium',
                            'length' => 11.0, 'section' => 0.5,
                        ],
                    ],
                ],
            ),
            new Lesson(
                'long-seam', 'A long seam',
                'Keep the flame moving along it, so that all of it comes to heat; then draw the solder from end to '
                    .'end.',
                [
                    'parts' => [
                        ['id' => 'one half', 'alloy' => 'sterling-925', 'form' => 'bar', 'length' => 30.0,
                            'width' => 3.0, 'thickness' => 1.2, 'x' => 0.0, 'y' => -0.7, 'turn' => 0.0],
                        ['id' => 'other half', 'alloy' => 'sterling-925', 'form' => 'bar', 'length' => 30.0,
                            'width' => 3.0, 'thickness' => 1.2, 'x' => 0.0, 'y' => 0.7, 'turn' => 0.0],
                    ],
                    'joints' => [
                        [
                            'id' => 'long seam', 'parts' => 'one half, other half', 'solder' => 'silver-hard',
                            'length' => 30.0, 'section' => 2.0,
                        ],
                    ],
                ],
            ),
            new Lesson(
                'three-claws', 'Three claws in a row',
                'Heat the bar along its length, not the claws: all three are to flash together.',
                [
                    'parts' => [
                        ['id' => 'bar', 'alloy' => '14k-yellow', 'form' => 'bar', 'length' => 21.0, 'width' => 2.4,
                            'thickness' => 1.8],
                        ...array_map(static fn (int $at): array => [
                            'id' => "claw {$at}", 'alloy' => '14k-yellow', 'form' => 'bar', 'length' => 6.0,
                            'width' => 0.9,
                        ], [1, 2, 3]),
                    ],
                    'joints' => array_map(static fn (int $at): array => [
                        'id' => "claw {$at} on bar", 'parts' => "bar, claw {$at}", 'solder' => '14k-yellow-medium',
                    ], [1, 2, 3]),
                ],
            ),
        ];

        return array_column($lessons, null, 'key');
    }

    /** @return array<string, mixed> */
    private static function ring(string $id, string $alloy, float $mass): array
    {
        return [
            'id' => $id, 'alloy' => $alloy, 'form' => 'ring', 'mass' => $mass, 'width' => 4.0, 'thickness' => 1.8,
        ];
    }

    /** @return array<string, mixed> */
    private static function loop(string $id, string $alloy, float $length, float $height, float $wall): array
    {
        return [
            'id' => $id, 'alloy' => $alloy, 'form' => 'loop', 'length' => $length, 'width' => $height,
            'thickness' => $wall,
        ];
    }

    /** @return array<string, mixed> */
    private static function plate(string $id, string $alloy, float $length, float $width, float $thickness): array
    {
        return [
            'id' => $id, 'alloy' => $alloy, 'form' => 'plate', 'length' => $length, 'width' => $width,
            'thickness' => $thickness,
        ];
    }
}
