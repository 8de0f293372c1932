<?php

declare(strict_types=1);

namespace Tools\Benchmark;

use HotSprue\Calculations;
use HotSprue\Samples\Samples;

/** A weighty sum for each sheet, and the milliseconds that it may take in the core. */
final class Trials
{
    /** @return array<string, array{string, array<string, mixed>, float}> name => sheet, input, ms */
    public static function all(): array
    {
        $trials = [];
        foreach (self::inputs() as $sheet => $input) {
            $trials[$sheet] = [$sheet, $input, match (true) {
                str_starts_with($sheet, 'layout.') => 20.0, $sheet === 'burnout.core' => 200.0,
                $sheet === 'join.plan' => 50.0, $sheet === 'heat.step' => 15.0, default => 2.0
            }];
        }
        $trials['layout.halo, 60 on a pear'] = [
            'layout.halo',
            [
                'shape' => 'pear', 'length' => 24, 'width' => 17, 'stone_diameter' => 1.05, 'stone_gap' => 0.08,
                'count' => 60,
            ],
            20.0,
        ];

        $trials['join.plan, 14 joints that wait'] = [
            'join.plan', self::ladder([3 => 'j12', 5 => 'j3', 7 => 'j1', 10 => 'j2']), 50.0,
        ];

        return $trials;
    }

    /**
     * The largest plan: fourteen joints that brace eight parts, with eight solders.
     *
     * @param  array<int, string>  $after
     * @return array<string, mixed>
     */
    private static function ladder(array $after): array
    {
        $edges = [
            [0, 1], [1, 2], [2, 3], [3, 4], [4, 5], [5, 6], [6, 7], [0, 2], [1, 3], [2, 4], [3, 5], [4, 6], [5, 7],
            [6, 6],
        ];

        return [
            'parts' => array_map(
                static fn (int $part): array => ['id' => "p{$part}", 'alloy' => 'sterling-925', 'mass' => 2],
                range(0, 7),
            ),
            'joints' => array_map(
                static fn (int $joint, array $edge): array => [
                    'id' => "j{$joint}", 'parts' => "p{$edge[0]}, p{$edge[1]}", 'after' => $after[$joint] ?? '',
                ],
                array_keys($edges), $edges,
            ),
            'solders' => [
                'silver-extra-easy', 'silver-easy', 'silver-medium', 'silver-hard', 'silver-extra-easy-uk',
                'silver-easy-uk', 'silver-medium-uk', 'silver-hard-uk',
            ],
            'step_c' => 5,
        ];
    }

    /** @return array<string, array<string, mixed>> by sheet: a sample of each, and the heaviest where that is slow */
    public static function inputs(): array
    {
        return [...array_map(static fn (array $samples): array => $samples[0], Samples::all()), ...self::heaviest()];
    }

    /** @return array<string, mixed> a moment of flame on a ring with five collets and a plate: sixty nodes */
    private static function sixty(): array
    {
        $parts = [['id' => 'shank', 'alloy' => 'sterling-925', 'mass' => 5, 'form' => 'ring', 'width' => 4]];
        $joints = [];
        foreach (range(1, 5) as $at) {
            $parts[] = ['id' => "c{$at}", 'alloy' => 'sterling-925', 'form' => 'loop', 'length' => 28];
            $joints[] = ['id' => "j{$at}", 'parts' => "shank, c{$at}", 'solder' => 'silver-easy'];
        }
        $parts[] = ['id' => 'plate', 'alloy' => 'sterling-925', 'form' => 'plate', 'length' => 12, 'width' => 12];
        $joints[] = ['id' => 'plate on shank', 'parts' => 'shank, plate', 'solder' => 'silver-easy'];
        $piece = Calculations::answer('heat.piece', ['parts' => $parts, 'joints' => $joints]);

        return [
            'nodes' => $piece->value('nodes'), 'links' => $piece->value('links'),
            'contacts' => $piece->value('contacts'), 'torch' => 'air-acetylene', 'y' => -8,
        ];
    }

    /** @return array<string, array<string, mixed>> */
    private static function heaviest(): array
    {
        $court = [
            'profile' => 'court', 'width_top' => 5, 'width_base' => 3.5, 'thickness_top' => 2.2,
            'thickness_base' => 1.8,
        ];
        $stones = array_map(static fn (int $i): array => ['along' => $i * 2.5 - 12, 'diameter' => 2], range(0, 9));

        return [
            'form.band' => ['scale' => 'us', 'size' => '7', ...$court],
            'stone.outline' => ['shape' => 'oval', 'length' => 9, 'width' => 7],
            'care.check' => ['stones' => array_fill(0, 8, ['species' => 'opal']), 'steps' => ['ultrasonic', 'torch']],
            'seat.claw' => ['shape' => 'oval', 'length' => 9, 'width' => 7, 'claws' => 6],
            'layout.halo' => ['shape' => 'oval', 'length' => 9, 'width' => 7, 'stone_diameter' => 1.3],
            'layout.row' => ['count' => 21, 'largest' => 2.4, 'smallest' => 1.2, 'outer_diameter' => 21.3],
            'layout.lettering' => ['text' => str_repeat('Ebb & flow ', 8), 'outer_diameter' => 24],
            'layout.divide' => ['total' => 48, 'parts' => 24],
            'layout.grid' => ['width' => 5.28, 'thickness' => 2.28, 'bore' => 17.38, 'stones' => $stones],
            'layout.symmetry' => ['pairs' => array_fill(0, 12, ['name' => 'shoulder', 'left' => 3.4, 'right' => 3.1])],
            'alloy.mix' => [
                'lots' => array_fill(0, 6, ['mass' => 12, 'fineness' => 0.585]), 'target_fineness' => 0.417,
            ],
            'tree.pack' => [
                'patterns' => array_fill(0, 8, ['across' => 20, 'deep' => 4, 'volume' => 500, 'gate_area' => 7]),
            ],
            'burnout.core' => ['diameter' => 101.6, 'pour_temperature' => 540, 'school' => 'overnight'],
            'burnout.programme' => [
                'flask_diameters' => [63.5, 76.2], 'pour_temperature' => 540, 'ready_at' => '2027-03-09T14:00',
            ],
            'stock.cut' => [
                'stock_length' => 400, 'pieces' => array_fill(0, 12, ['name' => 'shoulder', 'length' => 12]),
            ],
            'size.change' => [
                'from' => 50, 'to' => 54, 'width' => 3, 'thickness' => 2, 'profile' => 'court', 'alloy' => '18k-yellow',
            ],
            'heat.step' => self::sixty(),
            'join.plan' => self::ladder([]),
            'set.sequence' => ['count' => 24],
            'tools.list' => ['seats' => array_fill(0, 8, ['width' => 3, 'setting' => 'flush'])],
        ];
    }
}
