<?php

declare(strict_types=1);

namespace HotSprue\Samples;

/** Finger and form. */
final class RingSamples
{
    /** @return array<string, non-empty-list<array<string, mixed>>> by calculation */
    public static function all(): array
    {
        return [
            'size.convert' => [
                ['scale' => 'us', 'size' => '7'], ['scale' => 'uk', 'size' => 'O½'],
                ['scale' => 'iso', 'size' => '54'], ['scale' => 'jp', 'size' => '14'],
                ['scale' => 'ch', 'size' => '14'], ['scale' => 'diameter', 'size' => '17.3'],
                ['scale' => 'circumference', 'size' => '54.4'],
            ],
            'size.fit' => [
                ['scale' => 'us', 'size' => '7', 'width' => '6'],
                ['scale' => 'us', 'size' => '7', 'width' => 6, 'apply' => true],
                ['inner_diameter' => 17.3, 'width' => 9, 'profile' => 'court'],
            ],
            'form.band' => [
                ['scale' => 'us', 'size' => '7', 'width_top' => '5', 'thickness_top' => '2'],
                ['scale' => 'us', 'size' => '7', 'width_top' => 5, 'thickness_top' => 2, 'alloy' => '18k-yellow'],
                ['inner_diameter' => 17.4, 'profile' => 'half-round', 'width_top' => 4.2, 'thickness_top' => 1.8],
                ['inner_diameter' => 17.4, 'profile' => 'half-round', 'width_top' => 3, 'thickness_top' => 2.2],
                [
                    'inner_diameter' => 19, 'profile' => 'court', 'width_top' => 5, 'thickness_top' => 2.2,
                    'width_base' => 4, 'thickness_base' => 1.8,
                ],
                [
                    'inner_diameter' => 19, 'profile' => 'court', 'width_top' => 5, 'thickness_top' => 2.2,
                    'rise_inside' => 0.3, 'rise_outside' => 0.6,
                ],
                ['inner_diameter' => 16, 'profile' => 'round', 'width_top' => 2.4, 'thickness_top' => 2.2],
                [
                    'inner_diameter' => 18, 'profile' => 'knife', 'edge' => 1.1, 'width_top' => 5,
                    'thickness_top' => 2.6,
                ],
            ],
        ];
    }
}
