<?php

declare(strict_types=1);

use HotSprue\Kiln\KilnWatch;
use HotSprue\Workshop\WorkshopFields;
use HotSprue\Workshop\WorkshopSettings;
use Tests\Support\Findings;

/** Whether a sheet finds a code, under a figure of the workshop's own. */
function findsUnder(string $path, float $own, string $sheet, string $code, array $input): bool
{
    $rules = [...($input['rules'] ?? []), $path => $own];

    return reckon($sheet, [...$input, 'rules' => $rules])->finding($code) !== null;
}

/** Limits of the trade: path, the finding it decides, and which way is wider. */
dataset('limits', [
    ['limits.crown_caution', 'form.band', 'crown-thin', 0.8], ['limits.crown_stop', 'form.band', 'crown-too-thin', 0.8],
    ['limits.edge', 'form.band', 'edge-thin', 0.8], ['limits.steady_shank', 'form.band', 'top-heavy', 0.8],
    ['charge.new_caution', 'metal.charge', 'little-new-metal', 0.9],
    ['charge.new_stop', 'metal.charge', 'too-little-new-metal', 0.9],
    ['charge.off_drawing', 'metal.charge', 'weighed-off-drawing', 1.2],
    ['wax.density_least', 'wax.density', 'density-unlikely', 0.95],
    ['wax.density_most', 'wax.density', 'density-unlikely', 1.05],
    ['burnout.clean', 'burnout.core', 'core-barely-clean', 0.5],
    ['burnout.clean_stop', 'burnout.core', 'core-unclean', 0.2],
    ['burnout.core_lag', 'burnout.core', 'core-off-kiln', 2.0],
    ['burnout.wet_caution', 'burnout.core', 'wet-above-520', 1.2],
    ['burnout.wet_stop', 'burnout.core', 'wet-above-600', 1.2],
    ['pour.coldest_flask', 'pour.fill', 'flask-too-cold', 0.9],
    ['pour.coldest_flask', 'burnout.programme', 'flask-too-cold', 0.9],
    ['pour.fill_caution', 'pour.fill', 'fills-slowly', 1.3], ['pour.fill_stop', 'pour.fill', 'freezes-first', 1.3],
    ['pour.entry', 'pour.fill', 'weak-drive', 0.8],
    ['cast.loss_caution', 'cast.check', 'loss-high', 1.5], ['cast.loss_stop', 'cast.check', 'loss-too-high', 1.5],
    ['cast.light', 'cast.check', 'casting-light', 1.5], ['cast.light_by_list', 'cast.check', 'casting-light', 1.5],
    ['seats.deepest_notch', 'seat.claw', 'notch-too-deep', 1.2],
    ['seats.wall_below', 'seat.depth', 'seats-converge', 0.8],
    ['seats.wall_below', 'layout.row', 'seats-converge', 0.8],
    ['seats.girdles_apart', 'seat.depth', 'girdles-close', 0.5],
    ['seats.girdles_apart', 'layout.row', 'girdles-close', 0.5],
    ['seats.tube_wall', 'seat.bezel', 'wall-thin', 0.8],
    ['layouts.finest_step', 'layout.grid', 'line-too-near', 0.8],
    ['layouts.narrowest_letter', 'layout.lettering', 'cells-narrow', 0.8],
    ['layouts.narrowest_part', 'layout.divide', 'part-narrow', 0.8],
    ['work.lip', 'inlay.fit', 'lip-thin', 0.8], ['sizing.stones_caution', 'size.change', 'stones-set', 1.2],
    ['sizing.stones_stop', 'size.change', 'stones-remade', 1.2],
    ['solder.margin_caution', 'join.plan', 'margin-small', 0.5], ['solder.moves', 'join.plan', 'moves-earlier', 1.2],
    ['solder.read', 'join.plan', 'flows-close', 0.5],
    ['solder.gap_caution', 'join.advice', 'gap-wide', 1.2], ['solder.gap_stop', 'join.advice', 'gap-too-wide', 1.2],
    ['solder.gap_caution', 'join.plan', 'gap-wide', 1.2], ['solder.gap_stop', 'join.plan', 'gap-too-wide', 1.2],
    ['finish.grit_step', 'finish.plan', 'grit-skipped', 1.2], ['finish.loss', 'finish.plan', 'loss-high', 1.2],
]);

it('finds by the workshop’s own limit: no more where it is wider, and sooner where it is narrower', function (
    string $path, string $sheet, string $code, float $wider,
): void {
    $ships = (float) WorkshopFields::all()[$path]->default;
    $rows = array_filter(Findings::all(), static fn (array $row): bool => $row[0] === $sheet && $row[1] === $code);
    expect($rows)->not->toBe([], "{$sheet} tries no {$code}");
    $quietened = array_filter(
        $rows, static fn (array $row): bool => ! findsUnder($path, $ships * $wider, $sheet, $code, $row[2]),
    );
    $raised = array_filter(
        $rows, static fn (array $row): bool => findsUnder($path, $ships / $wider, $sheet, $code, $row[3]),
    );

    expect($quietened)
        ->not->toBe([], "{$code} fires whatever {$path} is")->and($raised)
        ->not->toBe([], "{$code} keeps quiet whatever {$path} is");
})->with('limits');

it('reckons by the workshop’s own figure', function (
    string $path, float $own, string $sheet, array $input, string $result, float $expected,
): void {
    expect(reckon($sheet, $input)->num($result))->not->toEqualWithDelta($expected, 1e-6)
        ->and(reckon($sheet, [...$input, 'rules' => [$path => $own]])->num($result))->toEqualWithDelta($expected, 1e-6);
})->with([
    // Crown 0.2 of a 5 mm stone and 1 mm over it.
    'a flush seat lies by the crown' => [
        'stones.crown', 0.2, 'seat.round', ['diameter' => 5, 'style' => 'flush'], 'girdle_below', 1.0,
    ],
    'a bead-set girdle' => [
        'seats.bead_below', 0.1, 'seat.round', ['diameter' => 5, 'style' => 'bead'], 'girdle_below', 0.5,
    ],
    'pilot' => ['seats.pilot', 0.4, 'seat.round', ['diameter' => 5], 'pilot', 2.0],
    'opened' => ['seats.opened', 0.6, 'seat.round', ['diameter' => 5], 'opened', 3.0],
    'ball bur' => ['seats.ball', 0.8, 'seat.round', ['diameter' => 5], 'ball', 4.0],
    'bearing bur' => ['seats.bearing', 1.0, 'seat.round', ['diameter' => 5], 'bearing', 5.0],
    'cup' => ['seats.cup', 0.25, 'seat.round', ['diameter' => 2, 'style' => 'bead'], 'cup', 0.5],
    // Pavilion 0.43 × 6 and what is left under the culet.
    'under the culet' => [
        'seats.under_culet', 1.0, 'seat.bezel', ['shape' => 'round', 'width' => 6], 'seat_height', 3.58,
    ],
    'under a cabochon' => [
        'seats.cabochon_seat', 1.4, 'seat.bezel', ['shape' => 'round', 'width' => 6, 'cut' => 'cabochon', 'depth' => 3],
        'seat_height', 1.4,
    ],
    'over a cabochon' => [
        'seats.cabochon_cover', 0.1, 'seat.bezel',
        ['shape' => 'round', 'width' => 6, 'cut' => 'cabochon', 'depth' => 3], 'cover', 0.3,
    ],
    // A round of 6 mm takes wire of 1.0.
    'notch' => ['seats.notch', 0.25, 'seat.claw', ['shape' => 'round', 'width' => 6], 'notch', 0.25],
    // 100 ml at 40 to 100: powder 100 ÷ (1 ÷ 2.5 + 0.4).
    'powder' => ['investment.powder_density', 2.5, 'investment.mix', [
        'flask_diameter' => 50.8, 'flask_height' => 63.5, 'overage_percent' => 0,
    ],
        'powder_mass', M_PI / 4 * 50.8 ** 2 * 63.5 / 1000 / (1 / 2.5 + 0.4)],
    'a thin section' => [
        'pour.thin', 1.5, 'pour.temperatures', ['alloy' => 'sterling-925', 'thinnest' => 1.2], 'flask_temperature',
        520.0,
    ],
    'a thick section' => [
        'pour.thick', 2.0, 'pour.temperatures', ['alloy' => 'sterling-925', 'thinnest' => 2.2], 'flask_temperature',
        440.0,
    ],
    'how much hotter' => [
        'pour.shift', 60.0, 'pour.temperatures', ['alloy' => 'sterling-925', 'thinnest' => 0.8], 'flask_temperature',
        540.0,
    ],
    // A wax 20 outside, trued with 1 mm a side.
    'wax to spare' => [
        'wax.spare', 1.0, 'blank.choose', ['bore' => 17, 'width' => 5, 'thickness' => 1.5], 'trued_across', 22.0,
    ],
    'stones of a halo, apart' => ['layouts.stone_gap', 0.2, 'layout.row', [
        'count' => 2, 'largest' => 2, 'smallest' => 2, 'outer_diameter' => 20,
    ], 'total_arc_deg',
        rad2deg(2 * asin(2.2 / 20)) + 2 * rad2deg(asin(1 / 10))],
]);

it('watches a kiln by the workshop’s own limits', function (): void {
    $log = static fn (float $off): array => array_map(static fn (int $minute): array => [
        'min' => (float) $minute, 'kiln_c' => 400.0 + $off, 'planned_c' => 400.0,
    ], range(0, 12));
    $codes = static fn (array $own, float $off): array => array_keys(
        KilnWatch::alarms($log($off), WorkshopSettings::with($own)),
    );
    expect($codes([], -41))->toBe(['behind'])->and($codes(['kiln.off' => 45], -41))->toBe([])
        ->and($codes(['kiln.off_for' => 15], -41))
        ->toBe([])->and($codes([], -39))->toBe([])->and($codes(['kiln.off' => 30], -39))->toBe(['behind']);
    $hot = static fn (array $own): array => KilnWatch::alarms(
        [['min' => 1.0, 'kiln_c' => 740.0, 'planned_c' => 732.0]], WorkshopSettings::with($own),
    );
    expect($hot([]))->toBe([])->and($hot(['kiln.over' => 5]))->toHaveKey('too-hot');
});

it('leaves a claw standing as the workshop does', function (): void {
    // A crown of 0.3 and 1 over it would do; the workshop wants more of a small stone's claw.
    $stands = static fn (array $own, float $mm): bool => findsUnder(
        'seats.least_standing', $own[0] ?? 1.5, 'seat.claw', 'standing-short',
        ['shape' => 'round', 'width' => 2, 'standing' => $mm],
    );
    expect($stands([], 1.5))->toBeFalse()->and($stands([], 1.49))->toBeTrue()->and($stands([1.4], 1.49))->toBeFalse()
        ->and($stands([2.0], 1.9))->toBeTrue();
});
