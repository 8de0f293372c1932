<?php

declare(strict_types=1);

namespace HotSprue\Samples;

/** What the workshop asks of itself: figures of its own. */
final class HouseSamples
{
    /** @return array<string, non-empty-list<array<string, mixed>>> by calculation */
    public static function all(): array
    {
        $of = static fn (float ...$values): array => array_map(
            static fn (float $value, int $at): array => ['value' => $value, 'job' => (string) (101 + $at)],
            array_values($values), array_keys(array_values($values)),
        );

        return [
            'time.steps' => [
                [
                    'letters' => 3, 'seats' => 1, 'heats' => 1, 'bezels' => 1,
                    'stones' => [['setting' => 'bezel', 'count' => 1], ['setting' => 'flush', 'count' => 4]],
                    'tumble' => true,
                ],
                ['kind' => 'fabricated', 'claws' => 6, 'plates' => 1, 'holes' => 7, 'heats' => 3, 'patina' => true],
                ['kind' => 'sizing', 'heats' => 1, 'clocks' => [['step' => 'brief', 'done' => true]],
                    'plating' => true],
            ],
            'time.plan' => PlanSamples::plans(),
            'time.promise' => PlanSamples::promises(),
            'price.quote' => [
                ['lines' => [
                    ['group' => 'metal', 'label' => '18k yellow', 'quantity' => 5.5, 'unit' => 'g', 'rate' => 75],
                    ['group' => 'bench', 'label' => 'carving and setting', 'quantity' => 120, 'unit' => 'min',
                        'rate' => 0.8],
                    ['group' => 'outside', 'label' => 'marking', 'rate' => 55.555],
                ]],
                [
                    'lines' => [
                        ['group' => 'bench', 'label' => 'sizing', 'quantity' => 45, 'unit' => 'min', 'rate' => 1],
                        ['group' => 'consumables', 'label' => 'solder and flux', 'rate' => 4, 'markup' => 0.25],
                    ],
                    'margin' => 0.2, 'overhead' => 0.15, 'round_to' => 5, 'discount' => 3, 'reason' => 'an old client',
                    'tax' => 0.25, 'tax_in' => true, 'metal_then' => 80, 'metal_now' => 86,
                    'until' => '2026-12-01', 'today' => '2026-12-02',
                ],
            ],
            'own.figure' => [
                [
                    'samples' => $of(0.0172, 0.0168, 0.0175, 0.0171, 0.0174, 0.031, 0.0169),
                    'default' => 0.015, 'instrument_step' => 0.0006,
                ],
                ['samples' => $of(1, 1.1, 1, 0.9, 1, 2, 2.1, 2, 1.9, 2), 'default' => 1],
                ['samples' => [], 'default' => 0.02],
            ],
        ];
    }
}
