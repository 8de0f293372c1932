<?php

declare(strict_types=1);

use HotSprue\Burnout\HeatFlow;
use Tests\Support\PlainFlask;

// Expected figures are the workbook's, or reckoned here another way.

it('holds to the workbook’s answers in the casting room', function (
    string $sheet, array $input, array $expected,
): void {
    $answer = reckon($sheet, $input);
    foreach ($expected as $result => [$value, $within]) {
        expect($answer->num($result))->toEqualWithDelta($value, $within, $result);
    }
})->with([
    'down to 0.417' => [
        'alloy.mix', ['lots' => [['mass' => 12, 'fineness' => 0.585]], 'target_fineness' => 0.417],
        ['added_mass' => [4.835, 5e-4]],
    ],
    'up to 0.750' => [
        'alloy.mix', ['lots' => [['mass' => 12, 'fineness' => 0.585]], 'target_fineness' => 0.750],
        ['added_mass' => [7.92, 1e-9]],
    ],
    'a green gold' => [
        'alloy.density', ['composition' => ['Au' => 0.75, 'Ag' => 0.25]],
        ['density' => [1 / (0.75 / 19.32 + 0.25 / 10.49), 1e-9]],
    ],
    'sterling on 30 mm of head' => [
        'pour.fill',
        [
            'thinnest_modulus' => 0.375, 'volume_mm3' => 100, 'gate_area' => 9, 'alloy' => 'sterling-925',
            'method' => 'hand', 'flask_temperature' => 480, 'metal_temperature' => 950,
        ],
        ['drive_pa' => [2805, 2], 'entry_pa' => [0.8 * 0.92 / 0.375e-3, 1e-6]],
    ],
    'the weight of an arm' => [
        'spin.balance',
        [
            'crucible_mass' => 400, 'flask_mass' => 900, 'charge_mass' => 50, 'crucible_radius' => 150,
            'flask_radius' => 180, 'counterweight_radius' => 150,
        ],
        ['counterweight_mass' => [1530, 1e-9], 'turns' => [3, 0]],
    ],
]);

it('pours 5 × 2 by hand, cautions at 3 × 1, and stops at a leaf of 0.4', function (
    float $modulus, ?string $code,
): void {
    $answer = reckon(
        'pour.fill',
        [
            'thinnest_modulus' => $modulus, 'volume_mm3' => 100, 'gate_area' => 9, 'alloy' => 'sterling-925',
            'method' => 'hand', 'flask_temperature' => 480, 'metal_temperature' => 950,
        ],
    );
    expect($answer->finding('weak-drive')?->code ?? $answer->finding('not-driven-in')?->code)->toBe($code);
})->with([[10 / 14, null], [3 / 8, 'weak-drive'], [0.2, 'not-driven-in']]);

it('refuses a flask that would never freeze', function (): void {
    expect(
        refused(
            'pour.fill',
            [
                'thinnest_modulus' => 0.7, 'volume_mm3' => 100, 'gate_area' => 9, 'alloy' => 'sterling-925',
                'flask_temperature' => 802, 'metal_temperature' => 950,
            ],
        ),
    )->toHaveKey('flask_temperature')
        ->and(refused('alloy.density', ['composition' => ['Au' => 0.7, 'Ag' => 0.2]]))
        ->toHaveKey('composition')->and(refused('alloy.density', ['composition' => ['Xx' => 1]]))
        ->toHaveKey('composition')
        ->and(refused('alloy.mix', ['lots' => [['mass' => 3]], 'target_fineness' => 0.5]))->toHaveKey('lots');
});

it('keeps fine metal exactly, whatever is mixed', function (): void {
    for ($from = 0.1; $from < 0.99; $from += 0.11) {
        for ($to = 0.05; $to < 0.99; $to += 0.13) {
            $mix = reckon(
                'alloy.mix',
                [
                    'lots' => [['mass' => 7.3, 'fineness' => $from], ['mass' => 2.1, 'fineness' => 0.5]],
                    'target_fineness' => $to,
                ],
            );
            $in = 7.3 * $from + 2.1 * 0.5 + ($mix->value('added') === 'fine metal' ? $mix->num('added_mass') : 0.0);
            expect($mix->num('final_mass') * $to)
                ->toEqualWithDelta($in, 1e-9)->and($mix->num('added_mass'))->toBeGreaterThanOrEqual(0.0);
        }
    }
});

/** J₀ or J₁ by its series. */
function bessel(int $order, float $x): float
{
    $sum = 0.0;
    $term = $order === 0 ? 1.0 : $x / 2;
    for ($k = 1; $k < 60; $k++) {
        $sum += $term;
        $term *= -($x / 2) ** 2 / ($k * ($k + $order));
    }

    return $sum;
}

it('warms a dry flask as the Bessel series says', function (float $radiusShare, float $minutes): void {
    [$radius, $kiln] = [0.035, 400.0];
    $biot = 12 * $radius / 0.5;
    $spread = 0.5 / (1200 * 1050) / $radius ** 2;
    // Roots of x J₁ = Bi J₀, by halving between the zeros of J₁.
    $theta = 0.0;
    for ($n = 0; $n < 12; $n++) {
        $f = static fn (float $x): float => $x * bessel(1, $x) - $biot * bessel(0, $x);
        [$low, $high] = [$n === 0 ? 1e-6 : $n * M_PI - 0.2, ($n + 1) * M_PI - 0.3];
        [$low, $high] = [max($low, 1e-6), $high];
        while (($f($low) < 0) === ($f($high) < 0)) {
            $high += 0.05;
        }
        for ($i = 0; $i < 80; $i++) {
            $middle = ($low + $high) / 2;
            ($f($middle) < 0) === ($f($low) < 0) ? $low = $middle : $high = $middle;
        }
        $weight = 2 / $low * bessel(1, $low) / (bessel(0, $low) ** 2 + bessel(1, $low) ** 2);
        $theta += $weight * bessel(0, $low * $radiusShare) * exp(-$low ** 2 * $spread * $minutes * 60);
    }
    $exact = $kiln - ($kiln - 20) * $theta;
    // What ships, not a finer run: its nodes and its steps.
    $flow = new HeatFlow(2 * $radius, 0.0, 0.0, 0.0);
    for ($i = 0; $i < $minutes * 60 / 75; $i++) {
        $flow->step($kiln, $kiln, 75.0);
    }
    expect(abs($flow->at($radius * $radiusShare) - $exact) / ($kiln - 20))->toBeLessThan(0.01);
})->with([0.0, 0.5, 0.9])->with([15.0, 30.0, 60.0]);

it('feels in the core what a plain reckoning apart from it feels', function (float $diameter, array $stages): void {
    $plain = PlainFlask::burn($diameter, $stages, 6.0, 6.0);
    $core = reckon(
        'burnout.core',
        [
            'diameter' => $diameter, 'fall_c_per_min' => 6, 'water_per_100' => 40,
            'stages' => array_map(
                static fn (array $stage): array => ['temperature' => $stage[0], 'minutes' => $stage[1]], $stages,
            ),
        ],
    );
    expect($core->num('dry_at_min') / $plain['dry'])
        ->toEqualWithDelta(1, 0.01)->and($core->num('above_620_min'))->toEqualWithDelta($plain['above_620'], 1.0)
        ->and($core->num('core_at_pour'))->toEqualWithDelta($plain['core'], 2.0);
})->with([
    // Each stage as long as its ramp and its least hold, so that neither lengthens it.
    'a short flask' => [63.5, [[149.0, 60.0], [371.0, 60.0], [732.0, 121.0], [480.0, 60.0]]],
    'a medium one' => [76.0, [[149.0, 120.0], [371.0, 120.0], [732.0, 180.0], [480.0, 60.0]]],
]);

it('takes a stage that is shorter than its ramp and least hold as long as they are', function (): void {
    // 583 °C at 6 a minute and 60 minutes of hold; 252 at 3 and 15.
    expect(
        reckon(
            'burnout.core',
            [
                'diameter' => 63.5,
                'stages' => [
                    ['temperature' => 149, 'minutes' => 60], ['temperature' => 732, 'minutes' => 5],
                    ['temperature' => 480, 'minutes' => 1],
                ],
            ],
        )->num('total_min'),
    )->toEqualWithDelta(60 + 583 / 6 + 60 + 252 / 3 + 15, 1e-6);
});

it('takes exactly the heat that it holds, and twice the nodes tell the same', function (): void {
    $run = static function (int $nodes): HeatFlow {
        $flow = new HeatFlow(0.0762, 40.0, nodes: $nodes);
        for ($minute = 1; $minute <= 300; $minute++) {
            $flow->step(min(732.0, 20 + 6.0 * ($minute - 1)), min(732.0, 20 + 6.0 * $minute), 60.0);
        }

        return $flow;
    };
    [$coarse, $fine] = [$run(40), $run(80)];
    expect(abs($coarse->heatTaken / $coarse->held() - 1))
        ->toBeLessThan(0.005)->and(abs($coarse->core() / $fine->core() - 1))->toBeLessThan(0.01);
});

it('stands a tree clear of itself, its wall and its end', function (int $count, float $across, float $deep): void {
    $tree = reckon(
        'tree.pack',
        [
            'patterns' => array_fill(
                0, $count, ['across' => $across, 'deep' => $deep, 'volume' => 500, 'gate_area' => 7],
            ),
        ],
    );
    expect($tree->num('wall_margin'))
        ->toBeGreaterThanOrEqual(6 - 1e-9)->and($tree->num('end_margin'))->toBeGreaterThanOrEqual(12 - 1e-9)
        ->and($tree->num('clearance'))->toBeGreaterThanOrEqual(4 - 1e-9)
        ->and($tree->value('places'))
        ->toHaveCount($count)->and($count === 1 ? 30.0 : $tree->num('tilt_deg'))->toBeGreaterThanOrEqual(30.0)
        ->toBeLessThanOrEqual(45.0);
    // Patterns on one level, by their real places: as far apart as their thickness and the clearance.
    $out = (10 + $across / 2) * sin(deg2rad($tree->num('tilt_deg')));
    $places = $tree->value('places');
    foreach ($places as $i => $a) {
        foreach (array_slice($places, $i + 1) as $b) {
            if ($a['level'] === $b['level']) {
                // Discs in planes through the axis are nearest where each is nearest to it.
                $half = deg2rad(abs($a['around_deg'] - $b['around_deg'])) / 2;
                expect(
                    2 * ($out - $across / 2) * sin($half) - $deep * abs(cos($half)),
                )->toBeGreaterThanOrEqual(4 - 1e-6);
            }
        }
    }
})->with([[1, 22, 5], [2, 20, 4], [3, 20, 4], [4, 18, 4], [6, 18, 3]]);

it('stands the heaviest nearest the button', function (): void {
    $places = reckon(
        'tree.pack',
        [
            'patterns' => [
                ['name' => 'light', 'across' => 18, 'deep' => 3, 'volume' => 200],
                ['name' => 'heavy', 'across' => 20, 'deep' => 4, 'volume' => 900],
                ['name' => 'middling', 'across' => 20, 'deep' => 4, 'volume' => 500],
            ],
        ],
    )->value('places');
    expect(array_column($places, 'name'))
        ->toBe(['heavy', 'middling', 'light'])->and($places[2]['height_mm'])
        ->toBeGreaterThanOrEqual($places[0]['height_mm']);
});
