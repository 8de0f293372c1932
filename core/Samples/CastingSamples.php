<?php

declare(strict_types=1);

namespace HotSprue\Samples;

/** Tree, burnout and pour. */
final class CastingSamples
{
    /** @return array<string, non-empty-list<array<string, mixed>>> by calculation */
    public static function all(): array
    {
        return [
            'sprue.size' => [
                ['profile' => 'flat', 'width' => '5.2', 'thickness' => '2.25', 'inner_diameter' => '17.12'],
                ['section_modulus' => 0.74],
                [
                    'profile' => 'half-round', 'width' => 6, 'thickness' => 2.4, 'thickness_base' => 1.8,
                    'inner_diameter' => 18, 'count' => 2, 'y_angle_deg' => 120, 'sprue_diameter' => 3,
                ],
            ],
            'flask.choose' => [
                ['across' => '22', 'tall' => '22'],
                ['across' => 24, 'deep' => 5, 'tall' => 26, 'sprue_length' => 18, 'flask' => '3×3'],
            ],
            'tree.pack' => [
                [
                    'patterns' => [
                        ['name' => 'first', 'across' => 22, 'deep' => 5],
                        ['name' => 'second', 'across' => 21, 'deep' => 4],
                        ['name' => 'third', 'across' => 21, 'deep' => 4],
                    ],
                ],
                [
                    'patterns' => [
                        ['name' => 'band', 'across' => 22, 'deep' => 5, 'volume' => 600, 'gate_area' => 7],
                        ['name' => 'band', 'across' => 22, 'deep' => 5, 'volume' => 600, 'gate_area' => 7],
                        ['name' => 'band', 'across' => 22, 'deep' => 5, 'volume' => 600, 'gate_area' => 7],
                        ['name' => 'band', 'across' => 22, 'deep' => 5, 'volume' => 600, 'gate_area' => 7],
                        ['name' => 'band', 'across' => 22, 'deep' => 5, 'volume' => 600, 'gate_area' => 7],
                    ],
                ],
                ['patterns' => [['across' => 22, 'deep' => 5]], 'flask' => '3×3'],
            ],
            'investment.mix' => [
                ['flask_diameter' => '3 in', 'flask_height' => '4 in', 'pattern_volume_mm3' => '8000'],
                ['flask_diameter' => 76.2, 'flask_height' => 101.6, 'pattern_volume_mm3' => 8000],
                [
                    'flask_diameter' => '2.5 in', 'flask_height' => '2.5 in', 'water_per_100' => 38,
                    'overage_percent' => 0, 'standing' => 'long', 'stand' => '10 h',
                ],
            ],
            'pour.temperatures' => [
                ['alloy' => 'sterling-925'], ['alloy' => '14k-rose', 'thinnest' => 0.9],
                ['alloy' => 'bronze', 'thinnest' => 3],
            ],
            'burnout.programme' => [
                ['flask_diameters' => ['63.5'], 'pour_temperature' => '540'],
                ['flask_diameters' => [63.5], 'pour_temperature' => 540],
                ['flask_diameters' => [76.2, 88.9], 'pour_temperature' => 480, 'ready_at' => '2026-12-01T14:00'],
                [
                    'flask_diameters' => [101.6], 'pour_temperature' => 520, 'school' => 'overnight',
                    'switch_on' => '2026-12-01T20:00',
                ],
            ],
            'burnout.core' => [
                ['diameter' => '63.5', 'pour_temperature' => '540'],
                [
                    'diameter' => 63.5,
                    'stages' => [
                        ['temperature' => 149, 'minutes' => 60], ['temperature' => 371, 'minutes' => 60],
                        ['temperature' => 732, 'minutes' => 120], ['temperature' => 480, 'minutes' => 60],
                    ],
                    'fall_c_per_min' => 6,
                ],
                ['diameter' => 76.2, 'pour_temperature' => 540],
            ],
            'pour.fill' => [
                [
                    'thinnest_modulus' => '0.7', 'volume_mm3' => '700', 'gate_area' => '9', 'alloy' => 'sterling-925',
                    'flask_temperature' => '480', 'metal_temperature' => '950',
                ],
                [
                    'thinnest_modulus' => 0.714, 'volume_mm3' => 700, 'gate_area' => 9, 'alloy' => 'sterling-925',
                    'flask_temperature' => 480, 'metal_temperature' => 950,
                ],
                [
                    'thinnest_modulus' => 0.714, 'volume_mm3' => 700, 'gate_area' => 9, 'alloy' => '14k-yellow',
                    'method' => 'hand', 'flask_temperature' => 520, 'metal_temperature' => 950,
                ],
            ],
            'spin.balance' => [
                [
                    'crucible_mass' => '400', 'flask_mass' => '900', 'charge_mass' => '30',
                    'crucible_radius' => '150', 'flask_radius' => '180', 'counterweight_mass' => '1500',
                ],
                [
                    'crucible_mass' => 400, 'flask_mass' => 900, 'charge_mass' => 30, 'crucible_radius' => 150,
                    'flask_radius' => 180, 'counterweight_mass' => 1500, 'turns' => 3,
                ],
                [
                    'crucible_mass' => 400, 'flask_mass' => 900, 'charge_mass' => 12, 'crucible_radius' => 150,
                    'flask_radius' => 180, 'counterweight_radius' => 160,
                ],
            ],
            'cast.check' => [
                ['casting_mass' => '35.1', 'expected_mass' => '35.8', 'charge_mass' => '42', 'button_mass' => '6.7'],
                [
                    'casting_mass' => 35.1, 'expected_mass' => 35.8, 'charge_mass' => 42, 'button_mass' => 6.7,
                    'wax_bore' => 17.38, 'expected_bore' => 17.12, 'measured_bore' => 17.1,
                ],
            ],
        ];
    }
}
