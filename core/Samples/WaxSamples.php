<?php

declare(strict_types=1);

namespace HotSprue\Samples;

/** Wax, and metal from wax. */
final class WaxSamples
{
    /** @return array<string, non-empty-list<array<string, mixed>>> by calculation */
    public static function all(): array
    {
        return [
            'wax.dimensions' => [
                ['scale' => 'us', 'size' => '7', 'width' => '5', 'thickness' => '2'],
                [
                    'inner_diameter' => 18, 'width' => 4, 'width_base' => 3, 'thickness' => 2,
                    'thickness_base' => 1.6, 'process' => 'mould', 'finishing' => 'heavy',
                ],
                ['inner_diameter' => 18, 'width' => 4, 'thickness' => 2, 'process' => 'clay'],
                [
                    'inner_diameter' => 18, 'width' => 4, 'thickness' => 2, 'shrinkage' => '1.2 %',
                    'finish_inside' => 0, 'finish_outside' => 0.2, 'finish_side' => 0.05,
                ],
            ],
            'wax.predict' => [
                ['bore' => '17.38', 'width' => '5.28', 'thickness' => '2.28'],
                ['bore' => 17.38, 'width' => 5.28, 'thickness' => 2.28, 'wanted_diameter' => 17.32],
                ['bore' => 18, 'width' => 4, 'thickness' => 2, 'process' => 'resin', 'finishing' => 'light'],
            ],
            'wax.density' => [
                ['mass' => '9.8 g', 'length' => '25', 'width' => '20', 'height' => '20'],
                ['mass' => 9.8, 'length' => 25, 'width' => 20, 'height' => 20],
                ['mass' => 9.8, 'volume_mm3' => 10000],
            ],
            'wax.like' => [['like_mass' => '0.62', 'like_volume_mm3' => 540, 'volume_mm3' => 605]],
            'clay.ring' => [
                ['scale' => 'us', 'size' => '7', 'width' => '5', 'thickness' => '1.6'],
                [
                    'inner_diameter' => 17.4, 'width' => 7, 'thickness' => 1.6, 'clay' => 'bronze-clay', 'stone' => 3,
                    'fired_diameter' => 17.5, 'stones' => [['species' => 'cubic-zirconia', 'in_fire' => true]],
                ],
            ],
            'blank.choose' => [
                ['bore' => '17.38', 'width' => '5.28', 'thickness' => '2.28'],
                ['bore' => 15, 'width' => 3, 'thickness' => 2, 'thickness_base' => 1.5],
                [
                    'bore' => 17, 'width' => 4, 'thickness' => 2, 'blank' => 'flat-top-27-30',
                    'pattern_volume_mm3' => 480,
                ],
            ],
            'metal.charge' => [
                ['wax_mass' => '2.31 g', 'alloy' => '18k-yellow'],
                [
                    'wax_mass' => 2.31, 'alloy' => '18k-yellow', 'sprue_volume_mm3' => 120, 'new_mass' => 30,
                    'reused_mass' => 20,
                ],
                [
                    'wax_mass' => 2.8, 'stones_mass' => 0.3, 'stones_in_wax' => true, 'wax' => 'injection',
                    'alloy' => 'sterling-925', 'method' => 'vacuum', 'weighed' => 'tree',
                ],
                [
                    'displaced_ml' => 0.7, 'metal_density' => 12.4, 'method' => 'hand', 'button_fraction' => 0.3,
                    'button_minimum' => 6, 'process' => 'resin',
                ],
            ],
            'alloy.density' => [
                ['composition' => ['Au' => 0.75, 'Ag' => 0.125, 'Cu' => 0.125]],
                ['composition' => ['Au' => 0.75, 'Ag' => 0.125, 'Cu' => 0.125]],
            ],
            'alloy.mix' => [
                ['lots' => [['mass' => 12, 'fineness' => 0.585]], 'target_fineness' => '0.417'],
                ['lots' => [['mass' => 12, 'fineness' => 0.585]], 'target_fineness' => 0.417],
                [
                    'lots' => [['mass' => 12, 'fineness' => 0.585], ['mass' => 3]], 'target_fineness' => 0.75,
                    'target_mass' => 18,
                ],
                ['lots' => [['mass' => 5, 'fineness' => 0.75]], 'target_fineness' => 0.75],
            ],
        ];
    }
}
