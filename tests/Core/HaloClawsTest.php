<?php

declare(strict_types=1);

/** The claws' angles that clear, by trying every tenth of a degree. */
function clearsAt(array $halo, float $radius, float $apart, float $degrees): bool
{
    [$x, $y] = [$radius * cos(deg2rad($degrees)), $radius * sin(deg2rad($degrees))];
    foreach ($halo as $stone) {
        if (hypot($stone['x_mm'] - $x, $stone['y_mm'] - $y) < $apart) {
            return false;
        }
    }

    return true;
}

it('says where the centre’s claws come between the stones of a halo', function (): void {
    $given = [
        'shape' => 'round', 'width' => 6.5, 'stone_diameter' => 1.3, 'count' => 10, 'edge_gap' => 0.15,
        'centre_claws' => 4, 'wire' => 0.8, 'notch' => 0.24,
    ];
    $answer = reckon('layout.halo', $given);
    // The claw's axis at 3.25 + 0.4 − 0.24, half a stone and half a wire between middles.
    $clears = static fn (float $at): bool => clearsAt($answer->value('positions'), 3.41, 1.05, $at);
    expect($answer->value('claws_clear_deg'))->toHaveCount(10);
    foreach ($answer->value('claws_clear_deg') as $arc) {
        expect($clears($arc['middle_deg']))
            ->toBeTrue()->and($clears($arc['from_deg'] - 0.6))->toBeFalse()->and($clears($arc['to_deg'] + 0.6))
            ->toBeFalse();
    }
    $hit = array_filter([45, 135, 225, 315], static fn (int $at): bool => ! $clears($at));
    expect($hit)->not->toBe([])->and(array_column($answer->findings, 'code'))->toContain('claw-meets-stone');
    $found = $answer->findings[array_search('claw-meets-stone', array_column($answer->findings, 'code'), true)];
    expect($found->message)->toContain(sprintf('%d of the centre’s 4 claws', count($hit)))
        ->and(array_column(reckon('layout.halo', [...$given, ...$found->set])->findings, 'code'))
        ->not->toContain('claw-meets-stone');
});

it('asks nothing of claws where the centre has none, and knows every shape’s', function (): void {
    expect(
        reckon('layout.halo', ['shape' => 'round', 'width' => 6.5, 'stone_diameter' => 1.3])->value('claws_clear_deg'),
    )->toBeNull();
    foreach ([
        'oval' => 4, 'pear' => 3, 'marquise' => 4, 'octagon' => 4, 'rectangle' => 4, 'cushion' => 4,
    ] as $shape => $count) {
        $given = ['shape' => $shape, 'length' => 9, 'width' => 6, 'stone_diameter' => 1.3, 'centre_claws' => $count];
        $tight = reckon('layout.halo', $given);
        expect(array_column($tight->findings, 'code'))->toContain('claw-meets-stone');
        $set = array_merge(...array_map(static fn ($finding): array => $finding->set, $tight->findings));
        expect(
            array_column(reckon('layout.halo', [...$given, ...$set])->findings, 'code'),
        )->not->toContain('claw-meets-stone');
    }
});
