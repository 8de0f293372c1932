<?php

declare(strict_types=1);

namespace App\Benchmark;

/** A weighty sum for each sheet, and the milliseconds that it may take in the core. */
final class Trials
{
    /** @return array<string, array{string, array<string, mixed>, float}> name => sheet, input, ms */
    public static function all(): array
    {
        $trials = [];
        foreach (self::inputs() as $sheet => $input) {
            $trials[$sheet] = [$sheet, $input, match (true) {
                str_starts_with($sheet, 'layout.') => 20.0, $sheet === 'burnout.core' => 200.0, $sheet === 'join.plan' => 50.0, default => 2.0
            }];
        }
        $trials['layout.halo, 60 on a pear'] = ['layout.halo', ['shape' => 'pear', 'length' => 24, 'width' => 17, 'stone_diameter' => 1.05, 'stone_gap' => 0.08, 'count' => 60], 20.0];

        $trials['join.plan, 14 joints that wait'] = ['join.plan', self::ladder([3 => 'j12', 5 => 'j3', 7 => 'j1', 10 => 'j2']), 50.0];

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
        $edges = [[0, 1], [1, 2], [2, 3], [3, 4], [4, 5], [5, 6], [6, 7], [0, 2], [1, 3], [2, 4], [3, 5], [4, 6], [5, 7], [6, 6]];

        return [
            'parts' => array_map(static fn (int $part): array => ['id' => "p{$part}", 'alloy' => 'sterling-925', 'mass' => 2], range(0, 7)),
            'joints' => array_map(static fn (int $joint, array $edge): array => ['id' => "j{$joint}", 'parts' => "p{$edge[0]}, p{$edge[1]}", 'after' => $after[$joint] ?? ''], array_keys($edges), $edges),
            'solders' => ['silver-extra-easy', 'silver-easy', 'silver-medium', 'silver-hard', 'silver-extra-easy-uk', 'silver-easy-uk', 'silver-medium-uk', 'silver-hard-uk'], 'step_c' => 5,
        ];
    }

    /** @return array<string, array<string, mixed>> by sheet */
    public static function inputs(): array
    {
        $court = ['profile' => 'court', 'width_top' => 5, 'width_base' => 3.5, 'thickness_top' => 2.2, 'thickness_base' => 1.8];

        return [
            'size.convert' => ['scale' => 'uk', 'size' => 'O½'],
            'size.fit' => ['scale' => 'us', 'size' => '7', 'width' => 6],
            'form.band' => ['scale' => 'us', 'size' => '7', ...$court],
            'stone.outline' => ['shape' => 'oval', 'length' => 9, 'width' => 7],
            'stone.weight' => ['shape' => 'octagon', 'length' => 9, 'width' => 7, 'depth' => 4, 'species' => 'emerald'],
            'care.check' => ['stones' => array_fill(0, 8, ['species' => 'opal']), 'steps' => ['ultrasonic', 'torch']],
            'seat.bezel' => ['shape' => 'oval', 'length' => 9, 'width' => 7, 'alloy' => '18k-yellow'],
            'seat.claw' => ['shape' => 'oval', 'length' => 9, 'width' => 7, 'claws' => 6],
            'seat.round' => ['diameter' => 2.5, 'style' => 'bead'],
            'seat.depth' => ['diameter' => 2, 'thickness' => 2.2, 'inner_diameter' => 17.3, 'pitch' => 2.6],
            'layout.halo' => ['shape' => 'oval', 'length' => 9, 'width' => 7, 'stone_diameter' => 1.3],
            'layout.row' => ['count' => 21, 'largest' => 2.4, 'smallest' => 1.2, 'outer_diameter' => 21.3],
            'layout.lettering' => ['text' => str_repeat('Ebb & flow ', 8), 'outer_diameter' => 24],
            'layout.divide' => ['total' => 48, 'parts' => 24],
            'layout.grid' => ['width' => 5.28, 'thickness' => 2.28, 'bore' => 17.38, 'stones' => array_map(static fn (int $i): array => ['along' => $i * 2.5 - 12, 'diameter' => 2], range(0, 9))],
            'layout.symmetry' => ['pairs' => array_fill(0, 12, ['name' => 'shoulder', 'left' => 3.4, 'right' => 3.1])],
            'wax.dimensions' => ['scale' => 'us', 'size' => '7', 'width' => 5, 'thickness' => 2],
            'wax.predict' => ['bore' => 17.38, 'width' => 5.28, 'thickness' => 2.28],
            'wax.density' => ['mass' => 9.8, 'length' => 25, 'width' => 20, 'height' => 20],
            'blank.choose' => ['bore' => 17.38, 'width' => 5.28, 'thickness' => 2.28],
            'metal.charge' => ['wax_mass' => 2.31, 'alloy' => '18k-yellow', 'new_mass' => 30, 'reused_mass' => 20],
            'alloy.density' => ['composition' => ['Au' => 0.75, 'Ag' => 0.125, 'Cu' => 0.125]],
            'alloy.mix' => ['lots' => array_fill(0, 6, ['mass' => 12, 'fineness' => 0.585]), 'target_fineness' => 0.417],
            'tree.pack' => ['patterns' => array_fill(0, 8, ['across' => 20, 'deep' => 4, 'volume' => 500, 'gate_area' => 7])],
            'burnout.core' => ['diameter' => 101.6, 'pour_temperature' => 540, 'school' => 'overnight'],
            'pour.fill' => ['thinnest_modulus' => 0.7, 'volume_mm3' => 700, 'gate_area' => 9, 'alloy' => 'sterling-925', 'flask_temperature' => 480, 'metal_temperature' => 950],
            'spin.balance' => ['crucible_mass' => 400, 'flask_mass' => 900, 'charge_mass' => 30, 'crucible_radius' => 150, 'flask_radius' => 180, 'counterweight_mass' => 1500],
            'sprue.size' => ['profile' => 'court', 'width' => 5.2, 'thickness' => 2.25, 'inner_diameter' => 17.12],
            'flask.choose' => ['across' => 22, 'tall' => 22],
            'investment.mix' => ['flask_diameter' => '3 in', 'flask_height' => '4 in', 'pattern_volume_mm3' => 8000],
            'pour.temperatures' => ['alloy' => 'sterling-925'],
            'burnout.programme' => ['flask_diameters' => [63.5, 76.2], 'pour_temperature' => 540, 'ready_at' => '2027-03-09T14:00'],
            'strip.length' => ['scale' => 'us', 'size' => '7', 'profile' => 'court', 'width' => 5, 'thickness' => 2, 'alloy' => '18k-yellow'],
            'stock.cut' => ['stock_length' => 400, 'pieces' => array_fill(0, 12, ['name' => 'shoulder', 'length' => 12])],
            'plate.cut' => ['sheet_width' => 50, 'sheet_length' => 80, 'thickness' => 0.8, 'shape' => 'disc', 'width' => 12, 'dome_height' => 3],
            'anneal.passes' => ['alloy' => 'sterling-925', 'inner_diameter' => 8, 'thickness' => 2],
            'inlay.fit' => ['outer_diameter' => 19.6, 'groove_depth' => 0.6, 'inner_diameter' => 16.6, 'band_width' => 6, 'width' => 2.5, 'thickness' => 0.8],
            'size.change' => ['from' => 50, 'to' => 54, 'width' => 3, 'thickness' => 2, 'profile' => 'court', 'alloy' => '18k-yellow'],
            'join.plan' => self::ladder([]),
            'join.advice' => ['parts' => [['id' => 'shank', 'mass' => 6], ['id' => 'bezel', 'mass' => 1.5]], 'between' => 'bezel, shank'],
            'join.chips' => ['length' => 10, 'section' => 1.6],
            'stretch.test' => ['samples' => [['name' => 'chip', 'start' => 50, 'broken' => 54], ['name' => 'paste', 'start' => 50, 'broken' => 51.5]]],
            'set.sequence' => ['count' => 24],
            'tools.list' => ['seats' => array_fill(0, 8, ['width' => 3, 'setting' => 'flush'])],
            'finish.plan' => ['mass_before' => 8.2, 'mass_after' => 7.8],
            'care.advice' => ['alloy' => '18k-yellow', 'stones' => array_fill(0, 8, ['species' => 'opal']), 'setting' => 'claws'],
            'hand.over' => ['piece_mass' => 8.2, 'stones_carats' => 1.25, 'alloy' => '18k-yellow'],
            'cast.check' => ['casting_mass' => 35.1, 'expected_mass' => 35.8, 'charge_mass' => 42, 'button_mass' => 6.7],
        ];
    }
}
