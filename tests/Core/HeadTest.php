<?php

declare(strict_types=1);

use HotSprue\Form\SideOutline;
use Tests\Support\Drawn;

it('finds the widest place of a ring that is thick on top above the middle of its bore', function (): void {
    $ring = new SideOutline(17.4, 7, 1.5);
    $widest = 0.0;
    for ($i = 0; $i <= 180_000; $i++) {
        $theta = M_PI * $i / 180_000;
        $widest = max($widest, (8.7 + 1.5 + 5.5 * (1 + cos($theta)) / 2) * sin($theta));
    }
    expect($ring->halfWidth())->toEqualWithDelta($widest, 1e-8)->and($widest)->toBeGreaterThan(8.7 + 4.25)
        ->and((new SideOutline(17.4, 2, 2))->halfWidth())->toBe(10.7)
        ->and((new SideOutline(17.4, 1.5, 7))->halfWidth())->toEqualWithDelta($widest, 1e-8);
    // 13.23 and half a millimetre do not go into a tube 27 across.
    expect(
        reckon(
            'blank.choose', ['bore' => 17.4, 'width' => 8, 'thickness' => 7, 'thickness_base' => 1.5],
        )->value('blank'),
    )->toBe('round-tube-33');
});

it('cuts a blank and a slice that hold the head cast in one piece', function (): void {
    $ring = ['bore' => 17.4, 'width' => 4.47, 'thickness' => 2.2];
    $band = reckon('blank.choose', $ring);
    expect([$band->num('slice'), $band->value('blank')])->toBe([5.47, 'round-tube-27']);
    $head = reckon('blank.choose', [...$ring, 'head_along' => 8.6, 'head_across' => 6.8, 'head_height' => 4.1]);
    expect($head->num('slice'))->toEqualWithDelta(9.6, 1e-9)
        // 8.7 + 2.2 + 4.1 = 15 under a flat top at 16.5.
        ->and($head->value('blank'))->toBe('flat-top-27-30')->and($head->num('spare'))->toEqualWithDelta(1.5, 1e-9)
        // In a round tube its corner is nearest: √(15² + 3.4²) from the middle.
        ->and(
            reckon(
                'blank.choose', [...$ring, 'blank' => 'round-tube-33', 'head_across' => 6.8, 'head_height' => 4.1],
            )->num('spare'),
        )
        ->toEqualWithDelta(16.5 - hypot(15.0, 3.4), 1e-9);
    // A head wider than the tube is across shows in a tube with a flat top too.
    expect(
        array_column(
            reckon('blank.choose', [...$ring, 'blank' => 'flat-top-27-30', 'head_across' => 26.1])->findings, 'code',
        ),
    )->toContain('blank-too-small')
        ->and(reckon('blank.choose', [...$ring, 'blank' => 'flat-top-27-30', 'head_across' => 26])->findings)->toBe([]);
});

it('says what band and head take together, and counts the head among what is heavy on top', function (): void {
    $given = ['inner_diameter' => 17, 'width_top' => 1.8, 'thickness_top' => 1.8];
    $plain = reckon('form.band', $given);
    $headed = reckon(
        'form.band', [...$given, 'head_volume_mm3' => 60, 'head_along' => 8, 'head_across' => 6, 'head_height' => 4],
    );
    $band = 2 * M_PI * 1.8 * 1.8 * (8.5 + 0.9);
    expect($plain->num('share_above'))->toEqualWithDelta(0.5, 1e-9)
        ->and($headed->num('share_above'))->toEqualWithDelta(($band / 2 + 60) / ($band + 60), 1e-9)
        ->and([$headed->num('whole_along'), $headed->num('whole_across')])->toEqualWithDelta([8.0, 20.6], 1e-9)
        ->and($headed->num('whole_tall'))->toEqualWithDelta(17 + 3.6 + 4, 1e-9);
    expect(array_column($plain->findings, 'code'))->not->toContain('top-heavy')
        ->and(array_column($headed->findings, 'code'))->toContain('top-heavy');
});

it('clears a top-heavy ring by the width that it offers', function (array $widths): void {
    $given = ['inner_diameter' => 17, 'thickness_top' => 2, 'head_volume_mm3' => 150, ...$widths];
    $found = array_values(
        array_filter(
            reckon('form.band', $given)->findings, static fn ($finding): bool => $finding->code === 'top-heavy',
        ),
    );
    expect($found)->toHaveCount(1)
        ->and(array_column(reckon('form.band', [...$given, ...$found[0]->set])->findings, 'code'))
        ->not->toContain('top-heavy');
})->with([
    'the same all round' => [['width_top' => 1.6]],
    'narrow below' => [['width_top' => 2.4, 'width_base' => 1.6]],
    'narrow on top' => [['width_top' => 1.6, 'width_base' => 2.4]],
    'narrow both' => [['width_top' => 1.6, 'width_base' => 1.9]],
]);

it('gives a bezel cast in one piece its room in the wax and its modulus', function (): void {
    $bezel = reckon('seat.bezel', ['shape' => 'round', 'width' => 6]);
    // Wall 0.4 and finishing 0.15 outside a fit of 0.05; a ledge of 0.5 inside.
    expect($bezel->num('outside_width_in_wax'))->toEqualWithDelta((6 + 2 * (0.05 + 0.4 + 0.15)) / 0.985, 1e-9)
        ->and($bezel->num('outside_length_in_wax'))->toEqualWithDelta(7.2 / 0.985, 1e-9)
        ->and($bezel->num('height_in_wax'))->toEqualWithDelta((0.43 * 6 + 0.4 + 0.18 + 0.4) / 0.985, 1e-9)
        ->and($bezel->num('root_modulus'))
        ->toEqualWithDelta(M_PI / 4 * (7.2 ** 2 - 5.1 ** 2) / (M_PI * (7.2 + 5.1)), 1e-9);
    $claw = reckon('seat.claw', ['shape' => 'round', 'width' => 6.5, 'process' => 'resin']);
    $apart = (6.5 + 1.0 - 2 * 0.3) * M_SQRT1_2;
    expect($claw->num('outside_width_in_wax'))->toEqualWithDelta(($apart + 1.0) / 0.99, 1e-9)
        ->and($claw->num('wax_volume_mm3'))->toEqualWithDelta($claw->num('volume_mm3') / 0.99 ** 3, 1e-9);
});

it('feeds the heavier of band and head root', function (): void {
    $ring = ['profile' => 'flat', 'width' => 5, 'thickness' => 2, 'inner_diameter' => 17];
    $plain = reckon('sprue.size', $ring);
    $headed = reckon('sprue.size', [...$ring, 'head_modulus' => 0.9]);
    expect($plain->num('section_modulus'))->toEqualWithDelta(10 / 14, 1e-9)
        ->and($headed->num('section_modulus'))
        ->toBe(0.9)->and($headed->num('diameter'))->toEqualWithDelta(4 * 1.1 * 0.9, 1e-9)
        // Fed at a base lighter than nine tenths of its head.
        ->and(array_column($headed->findings, 'code'))->toContain('fed-through-light')
        ->and(array_column(reckon('sprue.size', [...$ring, 'head_modulus' => 10 / 14 / 0.9])->findings, 'code'))
        ->not->toContain('fed-through-light');
});

it('feeds shoulders by two, and draws what is fed toward the stem', function (): void {
    $ring = [
        'profile' => 'flat', 'width' => 3, 'thickness' => 3.0, 'thickness_base' => 1.6, 'inner_diameter' => 17,
        'length' => 10,
    ];
    expect(reckon('sprue.size', $ring)->num('count'))->toBeLessThanOrEqual(
        reckon('sprue.size', [...$ring, 'feed_at' => 'shoulders'])->num('count'),
    )
        ->and(
            reckon(
                'sprue.size',
                [...$ring, 'width' => 2, 'thickness' => 2, 'thickness_base' => 2, 'feed_at' => 'shoulders'],
            )->num('count'),
        )
        ->toBe(2.0);
    $legs = reckon(
        'sprue.size', [...$ring, 'feed_at' => 'shoulders', 'count' => 2, 'y_angle_deg' => 90],
    )->value('legs_mm');
    // At 45° from the thick top: its wall there is 1.6 + 1.4 × (1 + cos 45°) ÷ 2.
    $radius = 8.5 + 1.6 + 1.4 * (1 + M_SQRT1_2) / 2;
    expect($legs)->toEqualWithDelta(
        array_fill(0, 2, hypot($radius * M_SQRT1_2, 8.5 + 3 + 10 - $radius * M_SQRT1_2)), 1e-9,
    );
    foreach (['base' => 1.6, 'head' => 3.0, 'shoulders' => 3.0] as $feed => $down) {
        $outline = Drawn::of('sprue.size', [...$ring, 'feed_at' => $feed, 'count' => 2])['tree']->paths('outline')[0];
        expect(max(array_column($outline, 1)))->toEqualWithDelta(8.5 + $down, 0.01, $feed);
    }
});
it('draws the head that is cast with its ring in the blank and in the flask', function (): void {
    $head = ['head_along' => 8.6, 'head_across' => 6.8, 'head_height' => 4.1];
    $blank = Drawn::of(
        'blank.choose', ['bore' => 17.4, 'width' => 4.47, 'thickness' => 2.2, ...$head],
    )['blank']->paths('fill-wax');
    $top = min(array_map(static fn (array $path): float => min(array_column($path, 1)), $blank));
    expect($top)->toEqualWithDelta(-15.0, 0.01);
});
