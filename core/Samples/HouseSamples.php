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
