<?php

declare(strict_types=1);

use Tests\Support\Draw;

/**
 * Density, solidus, liquidus, heat of fusion kJ/kg, specific heat kJ/kgK, surface tension N/m. Source: workbook 7 and
 * 10.
 */
const POURED = [
    'sterling-925' => [10.36, 802, 899, 105, 0.28, 0.92],
    '9k-yellow' => [11.2, 835, 895, 105, 0.26, 1.05],
    '14k-rose' => [13.3, 890, 925, 105, 0.26, 1.05],
    '18k-yellow' => [15.5, 885, 915, 70, 0.18, 1.05],
    'bronze' => [8.5, 971, 1027, 200, 0.40, 1.2],
];

it('melts for the wax and what pushes it', function (int $seed): void {
    $draw = new Draw(14000 + $seed);
    $alloy = $draw->pick(array_keys(POURED));
    [$method, $fraction, $minimum] = $draw->pick([['spin', 0.15, 5.0], ['vacuum', 0.20, 8.0], ['hand', 0.25, 10.0]]);
    [$process, $shrinks] = $draw->pick([['carved', 0.015], ['resin', 0.01]]);
    [$wax, $density, $sprues] = [$draw->between(0.8, 6), $draw->between(0.93, 1.03), $draw->between(40, 240)];
    $metal = POURED[$alloy][0];
    $charge = reckon(
        'metal.charge',
        [
            'wax_mass' => $wax, 'wax_density' => $density, 'alloy' => $alloy, 'method' => $method,
            'process' => $process, 'sprue_volume_mm3' => $sprues, 'new_mass' => 30, 'reused_mass' => 20,
        ],
    );
    $piece = $wax * $metal / $density;
    $fill = $piece + $sprues * $metal / 1000;
    $button = max($fraction * $fill, $minimum);
    $cold = (1 - $shrinks) ** 3;
    expect($charge->num('piece_mass'))
        ->toEqualWithDelta($piece, 1e-9)->and($charge->num('fill_mass'))->toEqualWithDelta($fill, 1e-9)
        ->and($charge->num('button_mass'))
        ->toEqualWithDelta($button, 1e-9)->and($charge->num('charge_mass'))->toEqualWithDelta($fill + $button, 1e-9)
        ->and($charge->num('expected_mass'))
        ->toEqualWithDelta($fill * $cold, 1e-9)->and($charge->num('expected_piece_mass'))
        ->toEqualWithDelta($piece * $cold, 1e-9)
        ->and($charge->num('factor'))
        ->toEqualWithDelta(($fill + $button) / $wax, 1e-9)->and($charge->num('new_share'))->toEqualWithDelta(0.6, 1e-9);
})->with(range(1, 40));

it('keeps fine metal when lots are brought to a fineness', function (int $seed): void {
    $draw = new Draw(15000 + $seed);
    $lots = array_map(
        static fn (): array => ['mass' => $draw->between(1, 30), 'fineness' => $draw->pick([0.375, 0.585, 0.75])],
        range(1, $draw->whole(1, 4)),
    );
    $mass = array_sum(array_column($lots, 'mass'));
    $fine = array_sum(array_map(static fn (array $lot): float => $lot['mass'] * $lot['fineness'], $lots));
    [$is, $target] = [$fine / $mass, $draw->pick([0.333, 0.416, 0.65, 0.8, 0.916])];
    $mix = reckon('alloy.mix', ['lots' => $lots, 'target_fineness' => $target]);
    $added = $is > $target ? $mass * ($is - $target) / $target : $mass * ($target - $is) / (1 - $target);
    expect($mix->num('fineness'))
        ->toEqualWithDelta($is, 1e-9)->and($mix->num('added_mass'))->toEqualWithDelta($added, 1e-9)
        ->and($mix->num('final_mass'))->toEqualWithDelta($mass + $added, 1e-9)
        // Fine in is fine out.
        ->and($mix->num('fine_mass'))
        ->toEqualWithDelta($fine + ($is > $target ? 0.0 : $added), 1e-9)
        ->and($mix->num('fine_mass') / $mix->num('final_mass'))->toEqualWithDelta($target, 1e-9);
})->with(range(1, 40));

it('mixes densities by volume', function (int $seed): void {
    $draw = new Draw(16000 + $seed);
    $gold = $draw->between(0.3, 0.9);
    $silver = round((1 - $gold) * $draw->between(0.1, 0.9), 4);
    $composition = ['Au' => $gold, 'Ag' => $silver, 'Cu' => round(1 - $gold - $silver, 4)];
    $volume = $composition['Au'] / 19.32 + $composition['Ag'] / 10.49 + $composition['Cu'] / 8.96;
    expect(
        reckon('alloy.density', ['composition' => $composition])->num('density'),
    )->toEqualWithDelta(1 / $volume, 1e-6);
})->with(range(1, 20));

it('feeds a section by a sprue that freezes after it', function (int $seed): void {
    $draw = new Draw(17000 + $seed);
    [$width, $thickness, $diameter] = [$draw->between(2, 9), $draw->between(1.2, 3.5), $draw->between(15, 21)];
    $sprue = reckon(
        'sprue.size',
        ['profile' => 'flat', 'width' => $width, 'thickness' => $thickness, 'inner_diameter' => $diameter],
    );
    $modulus = $width * $thickness / (2 * ($width + $thickness));
    $byMass = max($modulus <= 0.7 ? 1 : ($modulus <= 1.0 ? 2 : 3), $width > 8 ? 2 : 1);
    expect($sprue->num('section_modulus'))
        ->toEqualWithDelta($modulus, 1e-9)->and($sprue->num('diameter'))
        ->toEqualWithDelta(max(2.0, 4.4 * $modulus), 1e-9)
        ->and($sprue->num('stock_diameter'))
        ->toBeGreaterThanOrEqual($sprue->num('diameter') - 1e-9)->and($sprue->num('count'))
        ->toBeGreaterThanOrEqual($byMass)
        ->and($sprue->num('gate_area'))
        ->toEqualWithDelta($sprue->num('count') * M_PI / 4 * $sprue->num('stock_diameter') ** 2, 1e-9)
        ->and($sprue->num('stem_diameter'))->toBeGreaterThanOrEqual(1.1 * $sprue->num('stock_diameter') - 1e-9);
    foreach ($sprue->value('reaches') as $reach) {
        $half = M_PI * ($diameter + $thickness) / (2 * $reach['count']);
        expect($reach['reach_mm'])
            ->toEqualWithDelta($half, 1e-6)->and($reach['level'])
            ->toBe($half > 73 * $modulus ? 'stop' : ($half > 45 * $modulus ? 'caution' : 'fine'));
    }
})->with(range(1, 40));

it('fills a flask with powder and water', function (int $seed): void {
    $draw = new Draw(18000 + $seed);
    [$across, $high, $patterns, $water, $over] = [
        $draw->between(50, 110), $draw->between(50, 150), $draw->between(500, 12000), $draw->pick([38, 40, 42]),
        $draw->whole(0, 12),
    ];
    $mix = reckon(
        'investment.mix',
        [
            'flask_diameter' => $across, 'flask_height' => $high, 'pattern_volume_mm3' => $patterns,
            'water_per_100' => $water, 'overage_percent' => $over,
        ],
    );
    $slurry = (M_PI / 4 * $across ** 2 * $high - $patterns) / 1000 * (1 + $over / 100);
    $powder = $slurry / (1 / 2.55 + $water / 100);
    expect($mix->num('slurry_ml'))
        ->toEqualWithDelta($slurry, 1e-6)->and($mix->num('powder_mass'))->toEqualWithDelta($powder, 1e-6)
        ->and($mix->num('water_mass'))->toEqualWithDelta($powder * $water / 100, 1e-6)
        // Powder and water fill just what was asked.
        ->and($mix->num('powder_mass') / 2.55 + $mix->num('water_mass'))->toEqualWithDelta($slurry, 1e-6);
})->with(range(1, 20));

it('fills before it freezes, by speed, modulus and pressure', function (int $seed): void {
    $draw = new Draw(19000 + $seed);
    $alloy = $draw->pick(array_keys(POURED));
    [$density, , $liquidus, $fusion, $heat, $tension] = POURED[$alloy];
    [$modulus, $volume, $gate, $flask, $over, $head] = [
        $draw->between(0.3, 1.2), $draw->between(200, 1800), $draw->between(3, 20), $draw->whole(420, 600),
        $draw->whole(30, 100), $draw->whole(20, 60),
    ];
    $method = $draw->pick(['spin', 'vacuum', 'hand']);
    $fill = reckon(
        'pour.fill',
        [
            'thinnest_modulus' => $modulus, 'volume_mm3' => $volume, 'gate_area' => $gate, 'method' => $method,
            'alloy' => $alloy, 'flask_temperature' => $flask, 'metal_temperature' => $liquidus + $over, 'head' => $head,
        ],
    );
    $liquid = 0.92 * $density * 1000;
    $speed = ['spin' => 1.5, 'vacuum' => 1.0, 'hand' => sqrt(2 * 9.81 * $head / 1000)][$method];
    $drive = ['spin' => 100000.0, 'vacuum' => 60000.0, 'hand' => $liquid * 9.81 * $head / 1000][$method];
    $rise = ($liquid * ($fusion + $heat * $over) * 1000 / ($liquidus - $flask)) ** 2;
    $freeze = M_PI / 4 * $rise / 6.4e5 * ($modulus / 1000) ** 2;
    $time = $volume / $gate / ($speed * 1000);
    expect($fill->num('fill_time_s') / $time)
        ->toEqualWithDelta(1, 1e-3)->and($fill->num('freeze_time_s') / $freeze)->toEqualWithDelta(1, 1e-3)
        ->and($fill->num('drive_pa') / $drive)
        ->toEqualWithDelta(1, 1e-3)->and($fill->num('entry_pa'))
        ->toEqualWithDelta(0.8 * $tension / ($modulus / 1000), 1e-6);
    $codes = array_map(
        static fn ($finding): string => $finding->level->value,
        array_filter($fill->findings, static fn ($finding): bool => $finding->about !== 'metal_temperature'),
    );
    $share = $time / $freeze;
    $entry = 0.8 * $tension / ($modulus / 1000);
    if ($share > 0.505 || $drive < 0.995 * $entry) {
        expect($codes)->toContain('stop');
    } elseif (($share > 0.255 && $share < 0.495) || ($drive > 1.005 * $entry && $drive < 1.495 * $entry)) {
        expect($codes)->toContain('caution');
    }
})->with(range(1, 60));

it('balances an arm by moments', function (int $seed): void {
    $draw = new Draw(20000 + $seed);
    [$crucible, $flask, $charge, $inner, $outer, $weight] = [
        $draw->whole(200, 600), $draw->whole(400, 1800), $draw->between(5, 90), $draw->whole(90, 160),
        $draw->whole(161, 240), $draw->whole(800, 3000),
    ];
    $arm = reckon(
        'spin.balance',
        [
            'crucible_mass' => $crucible, 'flask_mass' => $flask, 'charge_mass' => $charge, 'crucible_radius' => $inner,
            'flask_radius' => $outer, 'counterweight_mass' => $weight,
        ],
    );
    expect($arm->num('counterweight_radius') * $weight)
        ->toEqualWithDelta(($crucible + $charge) * $inner + $flask * $outer, 1e-6)->and($arm->num('turns'))
        ->toEqual($charge <= 20 ? 2 : ($charge <= 50 ? 3 : 4));
})->with(range(1, 20));

it('runs a burnout for as long as its stages, ramps and least holds take', function (int $seed): void {
    $draw = new Draw(21000 + $seed);
    [$across, $pour, $climb, $fall] = [
        $draw->between(40, 120), $draw->whole(450, 600), $draw->between(2, 10, 0.5), $draw->between(1, 6, 0.5),
    ];
    $stages = $across <= 64 ? [
        [149, 60], [371, 60], [732, 120], [$pour, 120],
    ] : ($across <= 90 ? [[149, 120], [371, 120], [732, 180], [$pour, 120]]
        : [[149, 120], [371, 120], [482, 120], [732, 240], [$pour, 120]]);
    [$total, $at] = [0.0, 20.0];
    foreach ($stages as [$to, $minutes]) {
        $ramp = abs($to - $at) / ($to > $at ? $climb : $fall);
        $total += max($minutes, $ramp + ($to === 732 ? 60 : 15));
        $at = $to;
    }
    $plan = reckon(
        'burnout.programme',
        [
            'flask_diameters' => [$across], 'pour_temperature' => $pour, 'climb_c_per_min' => $climb,
            'fall_c_per_min' => $fall,
        ],
    );
    expect($plan->num('total_min'))
        ->toEqualWithDelta($total, 1e-6, sprintf('%.2f at %.1f and %.1f', $across, $climb, $fall))
        ->and($plan->value('stages'))->toHaveCount(count($stages));
})->with(range(1, 40));

it('accounts for what was melted', function (int $seed): void {
    $draw = new Draw(22000 + $seed);
    [$casting, $button, $scrap, $loss] = [
        $draw->between(8, 40), $draw->between(5, 12), $draw->between(0, 0.5), $draw->between(0.06, 0.4),
    ];
    $charge = $casting + $button + $scrap + $loss;
    $check = reckon(
        'cast.check',
        [
            'casting_mass' => $casting, 'expected_mass' => $casting, 'charge_mass' => $charge, 'button_mass' => $button,
            'scrap_mass' => $scrap, 'wax_bore' => 17.38, 'expected_bore' => 17.12, 'measured_bore' => 17.1,
        ],
    );
    $codes = array_map(static fn ($finding): string => $finding->level->value, $check->findings);
    expect($check->num('loss'))
        ->toEqualWithDelta($loss, 1e-9)->and($check->num('loss_share'))->toEqualWithDelta($loss / $charge, 1e-9)
        ->and($check->num('shrinkage'))->toEqualWithDelta(1 - 17.1 / 17.38, 1e-9)
        ->and(in_array('stop', $codes, true))
        ->toBe($loss / $charge > 0.03 + 1e-9)->and(in_array('caution', $codes, true))
        ->toBe($loss / $charge > 0.01 + 1e-9 && $loss / $charge <= 0.03 + 1e-9);
})->with(range(1, 30));
