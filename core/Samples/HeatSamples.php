<?php

declare(strict_types=1);

namespace HotSprue\Samples;

/** Pieces in the fire, and a moment of the torch. */
final class HeatSamples
{
    /** @return array<string, non-empty-list<array<string, mixed>>> by calculation */
    public static function all(): array
    {
        return [
            'heat.piece' => [
                [
                    'parts' => [
                        [
                            'id' => 'shank', 'alloy' => 'sterling-925', 'mass' => 4.5, 'form' => 'ring', 'width' => 4,
                            'thickness' => 1.8,
                        ],
                        ['id' => 'collet', 'alloy' => 'sterling-925', 'mass' => 0.6, 'form' => 'loop'],
                    ],
                    'joints' => [
                        [
                            'id' => 'shank seam', 'parts' => 'shank, shank', 'solder' => 'silver-hard',
                            'when' => 'before',
                        ],
                        ['id' => 'collet on shank', 'parts' => 'shank, collet', 'solder' => 'silver-easy'],
                    ],
                ],
                [
                    'parts' => [
                        ['id' => 'table', 'alloy' => '18k-yellow', 'mass' => 40, 'form' => 'plate', 'thickness' => 5],
                        ['id' => 'claw', 'alloy' => '18k-yellow', 'mass' => 0.02],
                    ],
                    'joints' => [
                        ['id' => 'claw on table', 'parts' => 'table, claw', 'solder' => '18k-yellow-hard'],
                    ],
                    'support' => 'third-arm', 'held' => 'table', 'torch' => 'air-acetylene',
                ],
            ],
            'pour.minute' => [
                [
                    'alloy' => 'sterling-925', 'mass' => '25 g', 'at' => 60,
                    'done' => [
                        ['step' => 'arm', 'at' => 1], ['step' => 'crucible', 'at' => 3], ['step' => 'torch', 'at' => 5],
                    ],
                ],
                [
                    'alloy' => '14k-yellow', 'at' => 30, 'flask' => 520,
                    'done' => [
                        ['step' => 'torch', 'at' => 1], ['step' => 'flask', 'at' => 10],
                        ['step' => 'release', 'at' => 20],
                    ],
                ],
            ],
            'set.push' => [['count' => '6', 'pushed' => [6, 3, 1]], ['count' => 5]],
            'heat.step' => [
                [
                    'nodes' => array_map(static fn (int $at): array => [
                        'part' => $at < 2 ? 'base' : 'claw', 'x_mm' => 4 * $at, 'y_mm' => 0,
                        'mass_g' => $at < 2 ? 0.8 : 0.04, 'surface_mm2' => $at < 2 ? 60 : 12, 'capacity' => 250,
                        'solidus_c' => 802, 'heat_c' => 600, 'silver' => true, 'coated' => true,
                    ], [0, 1, 2]),
                    'links' => [['from' => 0, 'to' => 1, 'w_per_k' => 0.7]],
                    'contacts' => [
                        [
                            'joint' => 'claw on base', 'from' => 1, 'to' => 2, 'length_mm' => 3.6,
                            'metal_w_per_k' => 0.36, 'flow_c' => 738, 'solidus_c' => 691, 'now' => true,
                            'flux' => 'clear', 'solder' => 'laid',
                        ],
                    ],
                    'seconds' => 5,
                ],
            ],
        ];
    }
}
