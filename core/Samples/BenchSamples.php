<?php

declare(strict_types=1);

namespace HotSprue\Samples;

/** Strip, solder, setting, finish and hand-over. */
final class BenchSamples
{
    /** @return array<string, non-empty-list<array<string, mixed>>> by calculation */
    public static function all(): array
    {
        return [
            'strip.length' => [
                ['scale' => 'us', 'size' => '7', 'width' => '4', 'thickness' => '2'],
                [
                    'scale' => 'us', 'size' => '7', 'width' => 5, 'thickness' => 2, 'trim' => 0.5,
                    'stock_length' => 80, 'alloy' => '18k-yellow',
                ],
                [
                    'inner_diameter' => 17.4, 'profile' => 'half-round', 'width' => 4.2, 'thickness' => 1.8,
                    'overlap' => 1.5,
                ],
            ],
            'stock.cut' => [
                ['stock_length' => '120', 'pieces' => [['name' => 'shank', 'length' => 61]]],
                [
                    'stock_length' => 120,
                    'pieces' => [
                        ['name' => 'shank', 'length' => 61], ['name' => 'shoulder', 'length' => 12, 'count' => 2],
                    ],
                ],
            ],
            'plate.cut' => [
                [
                    'sheet_width' => '50', 'sheet_length' => '80', 'thickness' => '0.8', 'shape' => 'disc',
                    'width' => '12',
                ],
                [
                    'sheet_width' => 50, 'sheet_length' => 80, 'thickness' => 0.8, 'shape' => 'disc', 'width' => 12,
                    'dome_height' => 3, 'count' => 2,
                ],
                ['sheet_width' => 30, 'sheet_length' => 40, 'thickness' => 1, 'width' => 9, 'length' => 12],
                ['sheet_width' => 60, 'sheet_length' => 60, 'thickness' => 0.8, 'shape' => 'crescent', 'width' => 20],
                [
                    'sheet_width' => 60, 'sheet_length' => 60, 'thickness' => 0.8, 'shape' => 'free',
                    'outline' => 'M0 0 L18 0 C22 4 22 8 18 12 L0 12 Z',
                ],
            ],
            'wire.ring' => [['inner_diameter' => '4', 'wire' => '18 ga', 'count' => '12']],
            'forge.length' => [
                ['width' => '4', 'thickness' => '2', 'length' => '12'],
                [
                    'width' => 4, 'thickness' => 2, 'length' => 12, 'width_after' => 5, 'thickness_after' => 0.9,
                    'taper' => 'to-a-point',
                ],
            ],
            'seam.fit' => [
                ['outer_diameter' => 21.4, 'foot' => 5, 'height' => 2.6, 'wire' => 2.4, 'flat' => 1.2],
            ],
            'ingot.length' => [
                [
                    'mass' => '12', 'alloy' => '14k-yellow', 'width' => '4', 'thickness' => '1.6', 'ingot_area' => 60,
                    'wanted' => 62,
                ],
            ],
            'anneal.passes' => [
                ['alloy' => 'sterling-925', 'inner_diameter' => '8', 'thickness' => '2'],
                ['alloy' => '18k-rose', 'work' => 'dome', 'rim' => 20, 'height' => 6],
                ['alloy' => '14k-white-nickel', 'work' => 'draw', 'area_before' => 16, 'area_after' => 3],
                ['alloy' => 'platinum-950', 'work' => 'stretch', 'strain' => 0.06],
            ],
            'inlay.fit' => [
                ['floor_diameter' => '18', 'width' => '2', 'thickness' => '1', 'groove_depth' => '0.6'],
                [
                    'outer_diameter' => 19.6, 'groove_depth' => 0.6, 'inner_diameter' => 16.6, 'band_width' => 6,
                    'width' => 2.5, 'thickness' => 0.8,
                ],
                ['floor_diameter' => 18, 'width' => 2, 'thickness' => 1, 'profile' => 'half-round'],
            ],
            'size.change' => [
                ['from' => 'US 6', 'to' => 'US 8', 'width' => '3', 'thickness' => '2', 'alloy' => '18k-yellow'],
                ['from' => 54, 'to' => 56, 'width' => 3, 'thickness' => 2, 'alloy' => 'sterling-925'],
                [
                    'from' => 50, 'to' => 54, 'width' => 3, 'thickness' => 2, 'alloy' => '18k-yellow', 'stones' => 5,
                    'metal_price' => 70,
                ],
                [
                    'from' => 54, 'to' => 50, 'width' => 4, 'thickness' => 2, 'profile' => 'court',
                    'alloy' => '18k-yellow',
                ],
            ],
            'join.plan' => [
                [
                    'alloy' => 'sterling-925',
                    'parts' => [['id' => 'shank', 'mass' => 4], ['id' => 'bezel', 'mass' => 1]],
                    'joints' => [
                        ['id' => 'bezel seam', 'parts' => 'bezel, bezel'],
                        ['id' => 'bezel on shank', 'parts' => 'shank, bezel', 'after' => 'bezel seam'],
                    ],
                ],
                [
                    'parts' => [
                        ['id' => 'shank', 'alloy' => 'sterling-925', 'mass' => 6],
                        ['id' => 'bezel', 'alloy' => 'sterling-925', 'mass' => 2],
                    ],
                    'joints' => [
                        ['id' => 'seam', 'parts' => 'bezel, bezel', 'length' => 4, 'section' => 0.4],
                        ['id' => 'on', 'parts' => 'shank, bezel', 'after' => 'seam'],
                    ],
                    'order' => 'seam, on',
                ],
                [
                    'parts' => [['id' => 'shank', 'alloy' => 'sterling-925']],
                    'joints' => [
                        ['id' => 'seam 1', 'parts' => 'shank, shank'], ['id' => 'seam 2', 'parts' => 'shank, shank'],
                        ['id' => 'seam 3', 'parts' => 'shank, shank'], ['id' => 'seam 4', 'parts' => 'shank, shank'],
                        ['id' => 'seam 5', 'parts' => 'shank, shank'],
                    ],
                ],
            ],
            'join.advice' => [
                [
                    'parts' => [['id' => 'shank', 'mass' => 4], ['id' => 'bezel', 'mass' => 1]],
                    'between' => 'shank, bezel',
                ],
                [
                    'parts' => [['id' => 'shank', 'mass' => 6], ['id' => 'bezel', 'mass' => 1.5]],
                    'between' => 'bezel, shank',
                ],
            ],
            'join.chips' => [['length' => '10', 'section' => '1.6']],
            'stretch.test' => [
                [
                    'samples' => [
                        ['name' => 'chip', 'start' => 50, 'broken' => 54],
                        ['name' => 'paste', 'start' => 50, 'broken' => 51.5],
                    ],
                ],
                [
                    'samples' => [
                        ['name' => 'chip', 'start' => 50, 'broken' => 54],
                        ['name' => 'paste', 'start' => 50, 'broken' => 51.5, 'where' => 'beside'],
                    ],
                ],
            ],
            'set.sequence' => [['count' => '12'], ['count' => 5]],
            'tools.list' => [
                ['seats' => [['width' => 3, 'name' => 'side stone']], 'setting' => 'flush'],
                [
                    'seats' => [['width' => 6, 'name' => 'centre']], 'setting' => 'claws', 'wire' => 1,
                    'halo_diameter' => 1.3,
                ],
            ],
            'bench.order' => [
                [
                    'fires' => '2', 'stones' => '6', 'patina' => true, 'pre_polish' => true, 'milgrain' => 'after',
                    'rhodium' => true,
                ],
            ],
            'finish.plan' => [
                ['finish' => 'polished'],
                ['tumble' => true, 'mass_before' => 8.2, 'mass_after' => 7.8, 'casting_mass' => 8.4],
                ['grits' => [400, 1200], 'finish' => 'satin'],
            ],
            'hand.over' => [
                ['piece_mass' => '8.2 g', 'stones_carats' => '1.25', 'alloy' => '18k-yellow'],
                [
                    'piece_mass' => 8.2, 'stones_carats' => 1.25, 'expected_mass' => 7.9, 'wanted_diameter' => 17.32,
                    'size_measured' => 54.5, 'alloy' => '18k-yellow', 'client_metal' => 10, 'client_returned' => 1.5,
                ],
            ],
            'care.advice' => [
                ['alloy' => 'sterling-925', 'stones' => [['species' => 'opal']], 'setting' => 'claws'],
                [
                    'alloy' => '18k-white-nickel', 'stones' => [['species' => 'opal']], 'setting' => 'claws',
                    'rhodium' => true,
                ],
            ],
        ];
    }
}
