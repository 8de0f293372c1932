<?php

declare(strict_types=1);

namespace Tests\Support;

/** Findings of what the workshop asks of itself: code, base, at its limit, just inside. */
final class HouseFindings
{
    /** @return array<string, list<array{string, array<string, mixed>, array<string, mixed>, array<string, mixed>}>> */
    public static function bySheet(): array
    {
        $of = static fn (float ...$values): array => [
            'samples' => array_map(static fn (float $value): array => ['value' => $value], array_values($values)),
        ];

        $line = ['lines' => [['group' => 'bench', 'label' => 'work', 'rate' => 100]]];

        return [
            'time.steps' => [
                [
                    'all-done', ['kind' => 'sizing', 'clocks' => array_map(
                        static fn (string $step): array => ['step' => $step, 'done' => true],
                        ['brief', 'sizing', 'finish'],
                    )], ['clocks' => array_map(
                        static fn (string $step): array => ['step' => $step, 'done' => true],
                        ['brief', 'sizing', 'finish', 'handover'],
                    )], [],
                ],
            ],
            ...PlanFindings::bySheet(),
            'price.quote' => [
                ['metal-moved', $line, ['metal_then' => 80, 'metal_now' => 84.01], ['metal_then' => 80,
                    'metal_now' => 84]],
                ['metal-moved', $line, ['metal_then' => 80, 'metal_now' => 75.99], ['metal_then' => 80,
                    'metal_now' => 76]],
                [
                    'quote-past', $line, ['until' => '2026-12-01', 'today' => '2026-12-02'],
                    ['until' => '2026-12-01', 'today' => '2026-12-01'],
                ],
                ['discount-silent', $line, ['discount' => 1], ['discount' => 1, 'reason' => 'so agreed']],
                // 100 at a margin of a fifth is 125.
                [
                    'under-cost', $line, ['margin' => 0.2, 'discount' => 25.01, 'reason' => 'a gift'],
                    ['margin' => 0.2, 'discount' => 25, 'reason' => 'a gift'],
                ],
            ],
            'own.figure' => [
                // The distances of 9, 9, 10, 11, 11 have 1 in their middle: 3 × 1.4826 from 10 is 14.4478.
                ['sample-apart', ['default' => 10], $of(8, 9, 9, 10, 11, 11, 14.45), $of(8, 9, 9, 10, 11, 11, 14.44)],
                // Both fives spread by 1.2816 × 1.4826 × 1 = 1.9001.
                [
                    'level-changed', ['default' => 10],
                    $of(9, 9, 10, 11, 11, 10.91, 10.91, 11.91, 12.91, 12.91),
                    $of(9, 9, 10, 11, 11, 10.89, 10.89, 11.89, 12.89, 12.89),
                ],
            ],
        ];
    }
}
