<?php

declare(strict_types=1);

namespace Tests\Support;

/** Findings of a piece in the fire: code, base, at its limit, just inside. */
final class HeatFindings
{
    /** @return array<string, list<array{string, array<string, mixed>, array<string, mixed>, array<string, mixed>}>> */
    public static function bySheet(): array
    {
        $seam = static fn (string $solder): array => [
            'joints' => [['id' => 'seam', 'parts' => 'ring, ring', 'solder' => $solder]],
        ];
        $ring = static fn (float $length): array => ['parts' => [[
            'id' => 'ring', 'alloy' => 'sterling-925', 'form' => 'ring', 'length' => $length, 'width' => 4,
            'thickness' => 1.8,
        ]]];
        // An alloy of the workshop's own, which begins to melt here.
        $metal = static fn (int $solidus): array => ['rules' => ['stock.alloys' => [[
            'name' => 'sterling-925', 'label' => 'trial', 'metal' => 'silver', 'fineness' => 0.925, 'density' => 10.4,
            'solidus_c' => $solidus, 'liquidus_c' => 900, 'nickel' => false,
        ]]]];

        return [
            'heat.piece' => [
                // At 788 °C clean silver on charcoal loses 29,390 W/m²; a bushy air–gas flame over the middle of a ring
                // gives 150 exp(−r² ÷ 392) × 562 ÷ 2: as much at r = 11.889, a ring 74.70 long.
                ['torch-weak', $seam('silver-hard'), $ring(74.71), $ring(74.69)],
                ['melts-first', [...$ring(60), ...$seam('silver-medium')], $metal(738), $metal(739)],
            ],
        ];
    }
}
