<?php

declare(strict_types=1);

const OVAL_OF_FIFTEEN = [
    'shape' => 'oval', 'length' => 9, 'width' => 7, 'stone_diameter' => 2, 'count' => 15, 'edge_gap' => 0.15,
];

/** @return array<string, list<array<string, mixed>>> claws by kind */
function clawsOf(array $input): array
{
    $by = [];
    foreach (reckon('layout.cluster', $input)->value('claws') as $claw) {
        $by[$claw['kind']][] = $claw;
    }

    return $by;
}

it('stands every shared claw one radius and half a wire less the notch from '
    .'both middles', function (array $more): void {
        $answer = reckon('layout.cluster', [...OVAL_OF_FIFTEEN, ...$more]);
        $stones = $answer->value('positions');
        $reach = 1 + $answer->num('wire') / 2 - $answer->num('notch_depth');
        $claws = array_filter($answer->value('claws'), static fn (array $claw): bool => $claw['kind'] !== 'centre');
        expect($claws)->toHaveCount(30);
        foreach ($claws as $claw) {
            foreach (array_filter($claw['holds'], is_int(...)) as $held) {
                expect(hypot($claw['x_mm'] - $stones[$held - 1]['x_mm'], $claw['y_mm'] - $stones[$held - 1]['y_mm']))
                    ->toEqualWithDelta($reach, 1e-9);
            }
        }
    })->with([
        'by the rule' => [[]], 'a thicker wire' => [['wire' => 0.7]],
        'a deeper notch' => [['wire' => 0.6, 'notch' => 0.2]],
    ]);

it('mirrors its claws as the stone is, the outer outside and the inner inside', function (): void {
    $claws = clawsOf(OVAL_OF_FIFTEEN);
    foreach (['outer', 'inner'] as $kind) {
        foreach ($claws[$kind] as $claw) {
            $mirrored = array_filter($claws[$kind], static fn (array $other): bool => hypot(
                $other['x_mm'] + $claw['x_mm'], $other['y_mm'] - $claw['y_mm'],
            ) < 1e-6);
            expect($mirrored)->toHaveCount(1);
        }
    }
    foreach ($claws['outer'] as $at => $outer) {
        $inner = $claws['inner'][$at];
        expect($inner['holds'])->toBe($outer['holds'])
            ->and(hypot($outer['x_mm'], $outer['y_mm']))->toBeGreaterThan(hypot($inner['x_mm'], $inner['y_mm']));
    }
});

it('finds the thickest wire that fits between two stones and the centre', function (): void {
    // Round a round of 6 stand rounds of 2, touching it and their neighbours’ gap 0: two stones and the centre leave
    // a pocket. A wire of diameter w, notched 0.2 w, has its axis 1 + 0.3 w from both middles, on the axis between.
    $count = 12;
    $apart = M_PI / $count;
    $axis = static fn (float $wire): float => 4 * cos($apart) - sqrt((1 + 0.3 * $wire) ** 2 - (4 * sin($apart)) ** 2);
    [$low, $high] = [0.3, 2.0];
    for ($i = 0; $i < 60; $i++) {
        $middle = ($low + $high) / 2;
        $axis($middle) - $middle / 2 >= 3 ? $low = $middle : $high = $middle;
    }
    $input = ['shape' => 'round', 'width' => 6, 'stone_diameter' => 2, 'count' => $count, 'edge_gap' => 0];
    $finding = reckon('layout.cluster', [...$input, 'wire' => 0.9])->finding('pocket-small');
    expect($finding?->set['wire'])->toEqualWithDelta($low, 1.1e-3)
        ->and(reckon('layout.cluster', [...$input, 'wire' => $low - 0.01])->finding('pocket-small'))->toBeNull();
});

it('offers claws that hold three where their notch reaches the centre', function (): void {
    $near = [...OVAL_OF_FIFTEEN, 'edge_gap' => 0, 'wire' => 0.64, 'notch' => 0.15];
    $inner = clawsOf($near)['inner'];
    $three = array_filter($inner, static fn (array $claw): bool => in_array('centre', $claw['holds'], true));
    expect($three)->not->toBe([])
        ->and(reckon('layout.cluster', $near)->finding('pocket-small')?->remedy)->toContain('each holding three');
    foreach (clawsOf($near)['outer'] as $claw) {
        expect($claw['holds'])->toHaveCount(2);
    }
});

it('closes a ring round nothing at its neighbours’ gap', function (): void {
    $answer = reckon('layout.cluster', ['stone_diameter' => 2.5, 'count' => 7, 'stone_gap' => 0.12]);
    // Middles on a circle of 2.62 ÷ 2 ÷ sin(180° ÷ 7).
    expect(hypot($answer->value('positions')[3]['x_mm'], $answer->value('positions')[3]['y_mm']))
        ->toEqualWithDelta(1.31 / sin(M_PI / 7), 1e-9)
        ->and($answer->num('least_gap'))->toEqualWithDelta(0.12, 1e-9)
        ->and($answer->num('greatest_gap'))->toEqualWithDelta(0.12, 1e-9);
});

it('cuts a claw to plate, basket, standing and a mm to hold, one to spare in twelve', function (): void {
    $answer = reckon('layout.cluster', [
        'stone_diameter' => 2.5, 'count' => 6, 'plate_thickness' => 0.8, 'basket_depth' => 2.4, 'standing' => 2,
    ]);
    // Twelve claws of 6.2, and one to spare.
    expect($answer->num('cut_length'))->toEqualWithDelta(6.2, 1e-9)
        ->and($answer->num('wire_total'))->toEqualWithDelta(13 * 6.2, 1e-9)
        ->and($answer->num('drill'))->toEqualWithDelta(0.68, 1e-9)
        ->and($answer->num('wire_volume_mm3'))->toEqualWithDelta(12 * M_PI / 4 * 0.49 * 5.2, 1e-9);
});

it('scallops its plate to a margin outside the outer claws and keeps to the stones’ edge', function (): void {
    $answer = reckon('layout.cluster', [...OVAL_OF_FIFTEEN, 'plate_margin' => 0.6]);
    $plate = $answer->value('plate');
    foreach (clawsOf([...OVAL_OF_FIFTEEN, 'plate_margin' => 0.6])['outer'] as $claw) {
        $nearest = min(array_map(static fn (array $at): float => hypot(
            $at['x_mm'] - $claw['x_mm'], $at['y_mm'] - $claw['y_mm'],
        ), $plate));
        expect($nearest)->toEqualWithDelta($answer->num('wire') / 2 + 0.6, 0.02);
    }
    // Sixteen points to a stone; the first of each lies a radius outside its middle.
    foreach ($answer->value('positions') as $at => $stone) {
        $edge = $plate[16 * $at];
        expect(hypot($edge['x_mm'] - $stone['x_mm'], $edge['y_mm'] - $stone['y_mm']))->toEqualWithDelta(1.0, 1e-9);
    }
});

it('ends each cut a mm short of the inner claw of its pair', function (): void {
    $cuts = reckon('layout.cluster', OVAL_OF_FIFTEEN)->value('cuts');
    $inner = clawsOf(OVAL_OF_FIFTEEN)['inner'];
    expect($cuts)->toHaveCount(15);
    foreach ($cuts as $at => $cut) {
        expect(hypot($cut['to_x_mm'] - $inner[$at]['x_mm'], $cut['to_y_mm'] - $inner[$at]['y_mm']))
            ->toEqualWithDelta(1.0, 1e-9)
            ->and(hypot($cut['to_x_mm'] - $cut['from_x_mm'], $cut['to_y_mm'] - $cut['from_y_mm']))
            ->toEqualWithDelta($cut['length_mm'], 1e-9);
    }
});

it('drills the quarter lines first, and every pilot before any hole is opened', function (): void {
    $order = reckon('layout.cluster', ['stone_diameter' => 2.5, 'count' => 8])->value('drill_order');
    expect(array_column(array_slice($order, 0, 16), 'hole'))->toBe(array_fill(0, 16, 'pilot'))
        ->and(array_column(array_slice($order, 16), 'hole'))->toBe(array_fill(0, 16, 'full'));
    // Eight in a ring, two claws to a pair: pairs 1, 3, 5 and 7 lie on the quarters.
    $pairs = array_map(static fn (array $one): int => intdiv($one['claw'] + 1, 2), array_slice($order, 0, 8));
    expect($pairs)->toBe([1, 1, 3, 3, 5, 5, 7, 7]);
});

it('asks how many where they stand round nothing, and refuses a notch through the wire', function (): void {
    expect(refused('layout.cluster', ['stone_diameter' => 2]))->toHaveKey('count')
        ->and(refused('layout.cluster', [...OVAL_OF_FIFTEEN, 'wire' => 0.6, 'notch' => 0.3]))->toHaveKey('notch');
});

it('measures gallery rings along the middle of the wire', function (array $input, array $lengths): void {
    $rings = reckon('seat.gallery', $input)->value('rings');
    foreach ($lengths as $at => $length) {
        expect($rings[$at]['length_mm'])->toEqualWithDelta($length, 2e-4 * $length);
    }
})->with([
    // Outside 8 + 2 × 0.7: the ring’s middle lies 0.4 further in.
    'round, straight down' => [
        ['shape' => 'round', 'width' => 8, 'outside' => 0.7, 'depths' => [2]], [M_PI * (9.4 - 0.8)],
    ],
    // A slope of 45° steps in by its depth.
    'round, sloping' => [
        ['shape' => 'round', 'width' => 8, 'outside' => 0.7, 'depths' => [1, 2], 'taper' => 45],
        [M_PI * (9.4 - 0.8 - 2), M_PI * (9.4 - 0.8 - 4)],
    ],
    // Inside a rectangle the corners stay sharp: 2 × (8 + 6) − 8 × 1.4.
    'a rectangle, inward' => [
        ['shape' => 'rectangle', 'length' => 8, 'width' => 6, 'levels' => [['depth' => 2, 'inset' => 1]]],
        [28 - 8 * 1.4],
    ],
    // Further in than its corners are round, a cushion’s are sharp: sides of 8 and 6, each 2 × 2.5 shorter.
    'a cushion, far inward' => [
        ['shape' => 'cushion', 'length' => 8, 'width' => 6, 'levels' => [['depth' => 2, 'inset' => 2.1]]],
        [2 * (3 + 1)],
    ],
]);

it('refuses a gallery of which nothing would be left', function (): void {
    expect(refused('seat.gallery', ['shape' => 'round', 'width' => 8, 'depths' => '3', 'taper' => 60]))
        ->toHaveKey('inset');
});

it('adds struts to rings', function (): void {
    $answer = reckon('seat.gallery', [
        'shape' => 'round', 'width' => 8, 'depths' => '2', 'taper' => 20, 'struts' => 4, 'wire' => 0.6, 'deep' => 3,
    ]);
    $ring = M_PI * (8 - 0.6 - 4 * tan(deg2rad(20)));
    $strut = 3 / cos(deg2rad(20));
    expect($answer->num('strut_length'))->toEqualWithDelta($strut, 1e-9)
        ->and($answer->num('wire_total'))->toEqualWithDelta($ring + 4 * $strut, 1e-4)
        ->and($answer->num('mass'))->toEqualWithDelta(M_PI / 4 * 0.36 * ($ring + 4 * $strut) * 10.36 / 1000, 1e-5);
});
