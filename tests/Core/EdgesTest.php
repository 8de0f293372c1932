<?php

declare(strict_types=1);

use HotSprue\Measures\BenchTalk;
use HotSprue\Measures\NotUnderstood;
use HotSprue\Measures\Quantity;

it('reads digits of any script as the digits they are', function (string $typed, float $mm): void {
    expect(BenchTalk::read(Quantity::Length, $typed))->toEqualWithDelta($mm, 1e-9);
})->with([['１２．５ mm', 12.5], ['٧', 7.0], ['१६ ga', 0.127 * 92 ** (20 / 39)], ['۳ 1/2', 3.5]]);

it('goes on below gauge 0 as the wire does', function (string $typed, float $mm): void {
    // n = 0, −1, −2, −3; 0000 is 11.684 mm by the published table.
    expect(BenchTalk::read(Quantity::Length, $typed))->toEqualWithDelta($mm, 5e-4);
})->with([['0 ga', 8.251], ['00 ga', 9.266], ['000 ga', 10.405], ['0000 ga', 11.684]]);

it('takes a measure with its unit as a size on the scales that are measures', function (
    string $scale, string $size, float $diameter,
): void {
    expect(
        reckon('size.convert', ['scale' => $scale, 'size' => $size])->num('inner_diameter'),
    )->toEqualWithDelta($diameter, 1e-9);
})->with([
    ['diameter', '17.3 mm', 17.3], ['diameter', '11/16 in', 17.4625], ['circumference', '2 1/8 in', 53.975 / M_PI],
    ['circumference', '54.4', 54.4 / M_PI], ['us', 'size 7', 17.3196], ['uk', 'size O½', 55.625 / M_PI],
]);

it('understands a size as it is said, wherever a ring size is asked', function (string $said, float $round): void {
    expect(BenchTalk::read(Quantity::RingSize, $said))->toEqualWithDelta($round, 1e-9);
    $test = reckon(
        'stretch.test',
        [
            'samples' => [
                ['name' => 'a', 'start' => $said, 'broken' => 80, 'where' => 'metal'],
                ['name' => 'b', 'start' => 50, 'broken' => 51, 'where' => 'joint'],
            ],
        ],
    );
    expect($test->working)->not->toBe([]);
})->with([['size 10', M_PI * (11.63 + 8.128)], ['UK K', 50.0], ['size K', 50.0], ['US 7', M_PI * 17.3196]]);

it('still refuses what no finger is', function (): void {
    BenchTalk::read(Quantity::RingSize, 'size 400');
})->throws(NotUnderstood::class);

it('stands an octagon’s claws in the middle of its cuts, and a rectangle’s on the bisector of '
    .'its corners', function (): void {
        $octagon = ['shape' => 'octagon', 'length' => 10, 'width' => 8, 'wire' => 1.4];
        $claws = reckon('seat.claw', $octagon)->value('places');
        foreach ($claws as $claw) {
            expect(abs($claw['x_mm']))
                ->toEqualWithDelta(3.478, 5e-4)->and(abs($claw['y_mm']))->toEqualWithDelta(4.478, 5e-4);
        }
        // 5 × 3, wire 1, notch 0.3: 0.2 out along the bisector of each corner.
        foreach (reckon(
            'seat.claw', ['shape' => 'rectangle', 'length' => 5, 'width' => 3, 'wire' => 1.0],
        )->value('places') as $claw) {
            expect(abs($claw['x_mm']))
                ->toEqualWithDelta(1.5 + 0.2 / sqrt(2), 1e-9)->and(abs($claw['y_mm']))
                ->toEqualWithDelta(2.5 + 0.2 / sqrt(2), 1e-9);
        }
    });

it('mirrors a set of claws as its stone is mirrored', function (string $shape, int $claws): void {
    $places = reckon(
        'seat.claw',
        [
            'shape' => $shape, 'length' => $shape === 'trillion' || $shape === 'round' ? null : 8, 'width' => 6,
            'claws' => $claws,
        ],
    )->value('places');
    $points = array_map(
        static fn (array $place): string => sprintf('%.6f %.6f', $place['x_mm'] + 0.0, $place['y_mm'] + 0.0), $places,
    );
    $mirrored = array_map(
        static fn (array $place): string => sprintf('%.6f %.6f', -$place['x_mm'] + 0.0, $place['y_mm'] + 0.0), $places,
    );
    $plain = static fn (array $list): array => array_map(
        static fn (string $point): string => str_replace('-0.000000', '0.000000', $point), $list,
    );
    expect(array_diff($plain($points), $plain($mirrored)))->toBe([]);
})->with(
    [
        ['round', 4], ['round', 6], ['oval', 4], ['oval', 6], ['marquise', 4], ['pear', 3], ['pear', 5], ['cushion', 4],
        ['octagon', 4], ['rectangle', 4], ['trillion', 3],
    ],
);

it('sets dividers to chords of what is scribed on, and says from which line and on which face', function (): void {
    $grid = reckon('layout.grid', ['width' => 5, 'thickness' => 2, 'bore' => 17.3, 'slice' => 6]);
    $lines = array_column($grid->value('lines'), null, 'key');
    expect($grid->num('quarter'))
        ->toEqualWithDelta(15.061, 5e-4)->and($lines['quarters']['setting_mm'])->toEqualWithDelta(21.3 / sqrt(2), 1e-9)
        ->and($lines['base']['setting_mm'])->toEqualWithDelta(21.3, 1e-9)
        // The slice carries half a millimetre a side for truing; the centre is then found from the trued faces.
        ->and($lines['faces']['what'])
        ->toContain('0.50 off each')->and($lines['faces']['setting_mm'])->toEqualWithDelta(5, 1e-9)
        ->and($lines['centre']['setting_mm'])->toEqualWithDelta(2.5, 1e-9)
        ->and($lines['thickness']['face'])
        ->toBe('both faces')->and($lines['quarters']['from'])->toContain('top and base');
});

it('hangs rings in a tree as the discs they are', function (): void {
    // Two of 22 at 30° would overlap by a millimetre: (10 + 11) × sin 30° − 11 is half of one over the axis.
    $tree = reckon('tree.pack', ['patterns' => array_fill(0, 2, ['across' => 22, 'deep' => 5]), 'sprue_length' => 10]);
    expect($tree->num('tilt_deg'))
        ->toEqualWithDelta(45, 1e-9)->and($tree->value('flask'))->toBe('3×3')->and($tree->num('clearance'))
        ->toEqualWithDelta(2 * (21 * sin(M_PI / 4) - 11), 1e-9);
});

it('reaches in moduli, feeds by the heaviest section, and runs legs from the stem to where '
    .'they join', function (): void {
        // 5 × 2 flat: modulus 10 ÷ 14; one sprue under 17 across feeds half of π × 19.
        $one = reckon(
            'sprue.size', ['profile' => 'flat', 'width' => 5, 'thickness' => 2, 'inner_diameter' => 17, 'count' => 1],
        );
        expect($one->value('reaches')[0]['reach'])
            ->toEqualWithDelta(M_PI * 19 / 2 / (10 / 14), 1e-9)->and($one->num('diameter'))
            ->toEqualWithDelta(4 * 1.1 * 10 / 14, 1e-9)->and($one->value('legs_mm'))->toBe([10.0]);
        // A Y to both sides of a ring 21 across, its stem 10 under it.
        $two = reckon(
            'sprue.size', ['profile' => 'flat', 'width' => 5, 'thickness' => 2, 'inner_diameter' => 17, 'count' => 2],
        );
        $leg = hypot(10.5, 20.5);
        expect($two->value('legs_mm'))->toEqualWithDelta([$leg, $leg], 1e-9);
        // Three evenly round: one on the axis, two to 120° either side.
        $three = reckon(
            'sprue.size',
            [
                'profile' => 'flat', 'width' => 5, 'thickness' => 2, 'inner_diameter' => 17, 'count' => 3,
                'stem_length' => 8,
            ],
        );
        $far = hypot(10.5 * sin(2 * M_PI / 3), 20.5 - 10.5 * cos(2 * M_PI / 3));
        expect($three->value('legs_mm'))->toEqualWithDelta([10, $far, $far], 1e-9);
        $wire = $three->num('stock_diameter');
        expect($three->num('sprue_volume_mm3'))->toEqualWithDelta(
            M_PI / 4 * $wire ** 2 * (10 + 2 * $far) + M_PI / 4 * $three->num('stem_diameter') ** 2 * 8, 1e-6,
        );
    });

it('feeds a court by its own rises', function (): void {
    $court = ['profile' => 'court', 'width' => 5, 'thickness' => 2, 'inner_diameter' => 17];
    expect(
        reckon('sprue.size', [...$court, 'rise_outside' => 1.2])->num('section_modulus'),
    )->toBeLessThan(reckon('sprue.size', $court)->num('section_modulus'))
        ->and(refused('sprue.size', ['section_modulus' => 0.7, 'rise_outside' => 1]))->toHaveKey('width');
});

it('holds a casting against what was on the balance: whole, or trimmed', function (): void {
    // 2 g of wax in sterling: 20.72 g; 100 mm³ of sprues 1.036 more; 4.4 % less when cold.
    $charge = reckon('metal.charge', ['wax_mass' => 2, 'alloy' => 'sterling-925', 'sprue_volume_mm3' => 100]);
    expect($charge->num('expected_mass'))
        ->toEqualWithDelta(21.756 * 0.985 ** 3, 1e-9)->and($charge->num('expected_piece_mass'))
        ->toEqualWithDelta(20.72 * 0.985 ** 3, 1e-9);
    $check = [
        'charge_mass' => 30, 'button_mass' => 8, 'scrap_mass' => 0.5, 'expected_mass' => 20.79,
        'expected_piece_mass' => 19.8,
    ];
    $whole = reckon('cast.check', [...$check, 'casting_mass' => 20.8]);
    $trimmed = reckon('cast.check', [...$check, 'casting_mass' => 19.8, 'sprues_mass' => 1.0, 'weighed' => 'trimmed']);
    expect($whole->num('loss'))
        ->toEqualWithDelta(0.7, 1e-9)->and($trimmed->num('loss'))->toEqualWithDelta(0.7, 1e-9)
        ->and($trimmed->num('off_expected'))->toEqualWithDelta(0, 1e-9)->and($whole->num('off_expected'))
        ->toEqualWithDelta(0.01, 1e-9);
    // Trimmed, and its sprues not weighed: what is lost is not known.
    expect(
        reckon('cast.check', [...$check, 'casting_mass' => 19.8, 'weighed' => 'trimmed'])->finding('loss-too-high'),
    )->toBeNull();
    // The rule of thumb is of the wax alone.
    expect(
        reckon('metal.charge', ['wax_mass' => 3, 'stones_mass' => 1, 'alloy' => 'sterling-925'])->num('factor'),
    )->toEqualWithDelta((20.72 + 5) / 2, 1e-9);
});

it('pours no metal that it has no figures for', function (): void {
    $pour = [
        'thinnest_modulus' => 0.7, 'volume_mm3' => 500, 'gate_area' => 7, 'flask_temperature' => 480,
        'metal_temperature' => 1900,
    ];
    expect(refused('pour.fill', [...$pour, 'alloy' => 'platinum-950']))
        ->toHaveKey('alloy')->and(refused('pour.fill', [...$pour, 'alloy' => 'palladium-950']))->toHaveKey('alloy');
    $white = reckon('pour.fill', [...$pour, 'alloy' => '18k-white-palladium', 'metal_temperature' => 1230]);
    expect($white->finding('hot-for-gypsum'))->not->toBeNull()->and($white->finding('too-hot-for-gypsum'))->toBeNull();
});

it('balances an arm by two radii', function (): void {
    // (400 + 30) × 120 + 900 × 200 = 231,600, on 1,200 g: 193.
    expect(
        reckon(
            'spin.balance',
            [
                'crucible_mass' => 400, 'flask_mass' => 900, 'charge_mass' => 30, 'crucible_radius' => 120,
                'flask_radius' => 200, 'counterweight_mass' => 1200,
            ],
        )->num('counterweight_radius'),
    )->toEqualWithDelta(193, 1e-9);
});

it('weighs a round by its mean diameter', function (): void {
    // 0.0018 × 6.5² × 4 × 3.52, of a stone 6.6 by 6.4.
    expect(
        reckon(
            'stone.weight', ['shape' => 'round', 'length' => 6.6, 'width' => 6.4, 'depth' => 4, 'species' => 'diamond'],
        )->num('carats'),
    )->toEqualWithDelta(0.0018 * 6.5 ** 2 * 4 * 3.52, 1e-9);
});

it('scribes what is taken out where it is scribed, and says when one cut is already too much', function (): void {
    // A flat band 2 thick: ȳ is 1; from 17.3 across.
    $out = reckon(
        'size.change',
        [
            'from' => M_PI * 17.3, 'to' => M_PI * 15.5, 'profile' => 'flat', 'width' => 4, 'thickness' => 2,
            'alloy' => '14k-white-nickel', 'kerf' => 0.3,
        ],
    );
    $change = M_PI * 1.8;
    expect($out->num('edges_apart'))
        ->toEqualWithDelta($change, 1e-9)->and($out->num('scribe_apart'))->toEqualWithDelta($change - 0.3, 1e-9)
        ->and($out->num('edges_outside'))
        ->toEqualWithDelta($change * 21.3 / 19.3, 1e-9)->and($out->num('scribe_outside'))
        ->toEqualWithDelta(($change - 0.3) * 21.3 / 19.3, 1e-9);
});

it('counts a figure itself to the band that goes to it', function (
    string $sheet, array $input, string $of, array $at, mixed $takes, array $over, mixed $then,
): void {
    expect(reckon($sheet, [...$input, ...$at])->value($of))
        ->toEqual($takes)->and(reckon($sheet, [...$input, ...$over])->value($of))->toEqual($then);
})->with([
    'claw to 2' => [
        'seat.claw', ['shape' => 'round', 'claws' => 4], 'wire', ['width' => 2], 0.5, ['width' => 2.01], 0.7,
    ],
    'claw to 7' => [
        'seat.claw', ['shape' => 'round', 'claws' => 4], 'wire', ['width' => 7], 1.0, ['width' => 7.01], 1.2,
    ],
    'claw to 9' => [
        'seat.claw', ['shape' => 'round', 'claws' => 4], 'wire', ['width' => 9], 1.2, ['width' => 9.01], 1.4,
    ],
    'cover to 4' => ['seat.bezel', ['shape' => 'round'], 'cover', ['width' => 4], 0.3, ['width' => 4.01], 0.4],
    'cover to 8' => ['seat.bezel', ['shape' => 'round'], 'cover', ['width' => 8], 0.4, ['width' => 8.01], 0.5],
    'burnout to 64' => [
        'burnout.programme', ['pour_temperature' => 540], 'school', ['flask_diameters' => [64]], 'short',
        ['flask_diameters' => [64.1]], 'medium',
    ],
    'burnout to 90' => [
        'burnout.programme', ['pour_temperature' => 540], 'school', ['flask_diameters' => [90]], 'medium',
        ['flask_diameters' => [90.1]], 'long',
    ],
    'spring to 20' => [
        'spin.balance',
        [
            'crucible_mass' => 400, 'flask_mass' => 900, 'crucible_radius' => 150, 'flask_radius' => 180,
            'counterweight_mass' => 1500,
        ],
        'turns', ['charge_mass' => 20], 2, ['charge_mass' => 20.01], 3,
    ],
    'spring to 50' => [
        'spin.balance',
        [
            'crucible_mass' => 400, 'flask_mass' => 900, 'crucible_radius' => 150, 'flask_radius' => 180,
            'counterweight_mass' => 1500,
        ],
        'turns', ['charge_mass' => 50], 3, ['charge_mass' => 50.01], 4,
    ],
]);

it('cuts a scored strip to its outside at the points, and about its middle along the curves', function (): void {
    // A marquise of 10 × 5: R = 125 ÷ 20, each arc turns 2 asin(5 ÷ R), so each point turns π less that.
    $radius = 6.25;
    $arc = 2 * asin(5 / $radius);
    $point = M_PI - $arc;
    $bezel = reckon('seat.bezel', ['shape' => 'marquise', 'length' => 10, 'width' => 5, 'corners' => 'scored']);
    expect($bezel->num('strip_length'))->toEqualWithDelta(
        2 * $radius * $arc + 0.25 * (2 * M_PI - 2 * $point) + 2 * 0.45 * 2 * tan($point / 2), 1e-9,
    )
        ->and($bezel->num('outside_length'))
        ->toEqualWithDelta(10 + 2 * 0.45 / cos($point / 2), 1e-9)->and($bezel->num('outside_width'))
        ->toEqualWithDelta(5.9, 1e-9);
    // A straight-sided triangle turns 120° at each corner: its mitres reach twice the wall.
    $triangle = reckon('seat.bezel', ['shape' => 'trillion', 'width' => 6, 'ratio' => 0, 'corners' => 'scored']);
    expect($triangle->num('outside_width'))
        ->toEqualWithDelta(6 + 2 * 0.9 * cos(M_PI / 6), 1e-9)->and($triangle->num('outside_length'))
        ->toEqualWithDelta(6 * sqrt(3) / 2 + 0.9 + 0.45, 1e-9);
    $square = reckon('seat.bezel', ['shape' => 'rectangle', 'length' => 6, 'width' => 5]);
    expect($square->num('outside_width'))
        ->toEqualWithDelta(5.9, 1e-9)->and($square->num('outside_length'))->toEqualWithDelta(6.9, 1e-9);
});
