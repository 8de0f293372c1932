<?php

declare(strict_types=1);

use HotSprue\Measures\RingSize;
use HotSprue\Measures\Scale;

// Every expected figure here is the workbook's or was reckoned by hand from its formula.

it('holds to the workbook’s answers', function (string $sheet, array $input, array $expected): void {
    $answer = reckon($sheet, $input);
    foreach ($expected as $result => [$value, $within]) {
        expect(abs($answer->num($result) - $value))->toBeLessThanOrEqual(
            $within, "{$sheet} {$result}: {$answer->num($result)}, not {$value}",
        );
    }
})->with([
    'US 7' => [
        'size.convert', ['scale' => 'us', 'size' => '7'],
        ['inner_diameter' => [17.3196, 5e-5], 'inner_circumference' => [54.4111, 5e-5]],
    ],
    'US 0' => ['size.convert', ['scale' => 'us', 'size' => '0'], ['inner_diameter' => [11.63, 1e-9]]],
    'UK O' => ['size.convert', ['scale' => 'uk', 'size' => 'O'], ['inner_circumference' => [55.0, 1e-9]]],
    'UK Z+1' => ['size.convert', ['scale' => 'uk', 'size' => 'Z+1'], ['inner_circumference' => [70.0, 1e-9]]],
    'JP 13' => ['size.convert', ['scale' => 'jp', 'size' => '13'], ['inner_diameter' => [17.0, 1e-9]]],
    'CH 14' => ['size.convert', ['scale' => 'ch', 'size' => '14'], ['inner_circumference' => [54.0, 1e-9]]],
    'flat 5 × 2' => [
        'form.band', ['scale' => 'us', 'size' => '7', 'width_top' => 5, 'thickness_top' => 2],
        ['volume_mm3' => [606.943, 5e-4]],
    ],
    'half-round 4.2 × 1.8' => [
        'form.band', ['inner_diameter' => 17.4, 'profile' => 'half-round', 'width_top' => 4.2, 'thickness_top' => 1.8],
        ['area_top' => [5.71728, 5e-6], 'centroid_top' => [0.75488, 5e-6]],
    ],
    'knife, centroid by parts' => [
        'form.band',
        ['inner_diameter' => 18, 'profile' => 'knife', 'edge' => 1, 'width_top' => 4, 'thickness_top' => 2.5],
        ['area_top' => [7.0, 1e-9], 'centroid_top' => [(4 * 0.5 + 3 * 1.5) / 7, 1e-9]],
    ],
    'a tapered flat band' => [
        'form.band', ['inner_diameter' => 18, 'width_top' => 6, 'width_base' => 4, 'thickness_top' => 2],
        ['volume_mm3' => [2 * M_PI * 5 * 2 * 10, 1e-4]],
    ],
    'wax bore of US 7' => [
        'wax.dimensions', ['scale' => 'us', 'size' => '7', 'width' => 5, 'thickness' => 2],
        ['bore' => [17.3803, 5e-5], 'width' => [5.2 / 0.985, 1e-9], 'thickness' => [2.25 / 0.985, 1e-9]],
    ],
    'clay, US 7 at 11 %' => [
        'wax.dimensions', ['scale' => 'us', 'size' => '7', 'width' => 5, 'thickness' => 2, 'process' => 'clay'],
        ['sizes_up_us' => [17.3196 / 0.89 / 0.8128 - 17.3196 / 0.8128, 1e-6]],
    ],
    'a block of wax' => [
        'wax.density', ['mass' => 9.8, 'length' => 25, 'width' => 20, 'height' => 20], ['density' => [0.98, 1e-9]],
    ],
    'a 76.2 × 101.6 flask' => [
        'investment.mix', ['flask_diameter' => 76.2, 'flask_height' => 101.6, 'pattern_volume_mm3' => 8000],
        ['slurry_ml' => [478.1, 0.05], 'powder_mass' => [603.5, 0.05], 'water_mass' => [241.4, 0.05]],
    ],
    'modulus 0.74' => [
        'sprue.size', ['section_modulus' => 0.74], ['diameter' => [3.256, 1e-9], 'stock_diameter' => [3.5, 1e-9]],
    ],
    'sterling, spin' => [
        'metal.charge', ['wax_mass' => 2, 'alloy' => 'sterling-925'],
        [
            'fill_mass' => [20.72, 1e-9], 'button_mass' => [5.0, 1e-9], 'charge_mass' => [25.72, 1e-9],
            'expected_mass' => [20.72 * 0.985 ** 3, 1e-9],
        ],
    ],
    '18k, hand, with sprues' => [
        'metal.charge', ['wax_mass' => 3, 'alloy' => '18k-yellow', 'method' => 'hand', 'sprue_volume_mm3' => 100],
        ['piece_mass' => [46.5, 1e-9], 'fill_mass' => [48.05, 1e-9], 'button_mass' => [12.0125, 1e-9]],
    ],
    'displaced water' => [
        'metal.charge', ['displaced_ml' => 0.5, 'alloy' => '14k-yellow'], ['piece_mass' => [6.55, 1e-9]],
    ],
    'stones taken off' => [
        'metal.charge', ['wax_mass' => 2.5, 'stones_mass' => 0.5, 'stones_in_wax' => true, 'alloy' => 'sterling-925'],
        ['piece_mass' => [20.72, 1e-9]],
    ],
    'short school' => [
        'burnout.programme', ['flask_diameters' => [63.5], 'pour_temperature' => 540, 'climb_c_per_min' => 12],
        ['total_min' => [360, 1e-9]],
    ],
    'medium school, climb 12' => [
        'burnout.programme', ['flask_diameters' => [64.1], 'pour_temperature' => 540, 'climb_c_per_min' => 12],
        ['total_min' => [540, 1e-9]],
    ],
    'long school, climb 12' => [
        'burnout.programme', ['flask_diameters' => [90.1], 'pour_temperature' => 540, 'climb_c_per_min' => 12],
        ['total_min' => [720, 1e-9]],
    ],
    'the top stage lengthened' => [
        'burnout.programme', ['flask_diameters' => [63.5], 'pour_temperature' => 540],
        ['total_min' => [360 + 361 / 6 + 60 - 120, 1e-9]],
    ],
    'thin silver' => [
        'pour.temperatures', ['alloy' => 'sterling-925', 'thinnest' => 0.99],
        ['flask_temperature' => [520, 0], 'metal_low' => [939, 0], 'metal_high' => [959, 0]],
    ],
    'thick silver' => [
        'pour.temperatures', ['alloy' => 'sterling-925', 'thinnest' => 2.51], ['flask_temperature' => [440, 0]],
    ],
    'a casting' => [
        'cast.check',
        ['casting_mass' => 35, 'charge_mass' => 42, 'button_mass' => 6.7, 'wax_bore' => 20, 'measured_bore' => 19.7],
        ['loss' => [0.3, 1e-9], 'shrinkage' => [0.015, 1e-9]],
    ],
]);

it('chooses from the workshop’s lists what the rule chooses', function (
    string $sheet, array $input, string $result, mixed $expected,
): void {
    expect(reckon($sheet, $input)->value($result))->toEqual($expected);
})->with([
    'two and a half inch flask' => ['flask.choose', ['across' => 22, 'deep' => 5, 'tall' => 22], 'flask', '2×2½'],
    'three inch flask' => ['flask.choose', ['across' => 44, 'tall' => 44], 'flask', '3×3'],
    'smallest tube' => ['blank.choose', ['bore' => 17, 'width' => 4, 'thickness' => 2.1], 'blank', 'round-tube-22'],
    'next tube' => ['blank.choose', ['bore' => 17.38, 'width' => 5.28, 'thickness' => 2.28], 'blank', 'round-tube-27'],
    'block under the tube’s bore' => [
        'blank.choose', ['bore' => 15, 'width' => 4, 'thickness' => 2], 'blank', 'block-28-28-12',
    ],
    'overnight' => [
        'burnout.programme',
        [
            'flask_diameters' => [101.6], 'pour_temperature' => 540, 'school' => 'overnight', 'climb_c_per_min' => 20,
            'ready_at' => '2026-12-01T14:00',
        ],
        'start_at', '2026-12-01T00:00',
    ],
    'ready by, switched on' => [
        'burnout.programme',
        [
            'flask_diameters' => [63.5], 'pour_temperature' => 540, 'climb_c_per_min' => 12,
            'switch_on' => '2026-12-01T20:00',
        ],
        'ready_by', '2026-12-02T02:00',
    ],
    'two sprues by mass' => [
        'sprue.size', ['profile' => 'flat', 'width' => 5.2, 'thickness' => 2.25, 'inner_diameter' => 17.12], 'count', 2,
    ],
    'two under a broad band' => [
        'sprue.size', ['profile' => 'flat', 'width' => 8.1, 'thickness' => 1.5, 'inner_diameter' => 12], 'count', 2,
    ],
]);

it('gives the nearest stick mark, and how far off it is', function (): void {
    $marks = array_column(
        reckon('size.convert', ['scale' => 'circumference', 'size' => '55'])->value('marks'), null, 'scale',
    );
    expect($marks['uk']['label'])->toBe('O')->and($marks['uk']['off_mm'])->toEqualWithDelta(0, 1e-9)
        ->and($marks['iso']['label'])->toBe('55')->and($marks['ch']['label'])->toBe('15')
        ->and($marks['us']['label'])
        ->toBe('7¼')->and($marks['us']['off_mm'])->toEqualWithDelta(M_PI * (11.63 + 0.8128 * 7.25) - 55, 1e-9);
});

it('goes there and back on every scale', function (): void {
    foreach (Scale::sticks() as $scale) {
        for ($c = 40.0; $c < 75; $c += 0.37) {
            expect($scale->circumference($scale->number($c)))->toEqualWithDelta($c, 1e-9);
            expect(abs(RingSize::ofCircumference($c)->mark($scale)->offMm))->toBeLessThanOrEqual(
                ($scale->circumference($scale->step()) - $scale->circumference(0.0)) / 2 + 1e-9,
            );
        }
    }
});

it('agrees with Pappus to one in a million for a constant section', function (string $profile, array $more): void {
    foreach ([13.0, 17.4, 22.0] as $d) {
        $a = reckon(
            'form.band',
            ['inner_diameter' => $d, 'profile' => $profile, 'width_top' => 5.0, 'thickness_top' => 2.0, ...$more],
        );
        // The same body given a taper too small to matter goes the long way, element by element.
        $b = reckon(
            'form.band',
            [
                'inner_diameter' => $d, 'profile' => $profile, 'width_top' => 5.0, 'width_base' => 5.0000001,
                'thickness_top' => 2.0, ...$more,
            ],
        );
        $pappus = 2 * M_PI * $a->num('area_top') * ($d / 2 + $a->num('centroid_top'));
        expect(abs($a->num('volume_mm3') / $pappus - 1))
            ->toBeLessThan(1e-6)->and(abs($b->num('volume_mm3') / $pappus - 1))->toBeLessThan(1e-6);
    }
})->with([['flat', []], ['half-round', []], ['court', []], ['round', []], ['knife', ['edge' => 1.0]]]);

it('weighs more the thicker it is', function (string $profile): void {
    $last = 0.0;
    for ($t = 1.0; $t < 2.4; $t += 0.1) {
        $volume = reckon(
            'form.band',
            [
                'inner_diameter' => 17.4, 'profile' => $profile, 'width_top' => 5.0, 'thickness_top' => $t,
                ...($profile === 'knife' ? ['edge' => 0.9] : []),
            ],
        )->num('volume_mm3');
        expect($volume)->toBeGreaterThan($last);
        $last = $volume;
    }
})->with(['flat', 'half-round', 'court', 'round', 'knife']);

it('turns a measured wax round to the finished size', function (): void {
    $wax = reckon(
        'wax.dimensions',
        ['inner_diameter' => 18.2, 'width' => 4.4, 'thickness' => 1.9, 'process' => 'mould', 'finishing' => 'light'],
    );
    $back = reckon(
        'wax.predict',
        [
            'bore' => $wax->num('bore'), 'width' => $wax->num('width'), 'thickness' => $wax->num('thickness'),
            'process' => 'mould', 'finishing' => 'light',
        ],
    );
    expect($back->num('inner_diameter'))
        ->toEqualWithDelta(18.2, 1e-9)->and($back->num('width'))->toEqualWithDelta(4.4, 1e-9)
        ->and($back->num('thickness'))->toEqualWithDelta(1.9, 1e-9);
});

it('switches the kiln on no later than the burnout needs, to the minute it has begun', function (): void {
    // A climb of 7 °C a minute makes a burnout of part minutes: the part counts as a whole one.
    $programme = reckon('burnout.programme', [
        'flask_diameters' => [63.5], 'pour_temperature' => 540, 'climb_c_per_min' => 1.7,
        'ready_at' => '2026-12-01T14:00',
    ]);
    $total = (float) $programme->value('total_min');
    $before = (strtotime('2026-12-01T14:00Z') - strtotime($programme->value('start_at').'Z')) / 60;
    expect($total)->not->toBe(floor($total))->and($before)->toEqual(ceil($total));
});
