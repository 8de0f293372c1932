<?php

declare(strict_types=1);

use HotSprue\Job\JobAnswers;
use HotSprue\Job\RowUses;
use HotSprue\Job\Station;
use HotSprue\Job\StationPage;

// Whole commissions reckoned a second time with pencil and paper: one millimetre and one gram from Brief to Hand over.

/** A ring of a flat band: inside, width and thickness; mm³. */
function bandOf(float $inside, float $wide, float $thick): float
{
    return M_PI / 4 * (($inside + 2 * $thick) ** 2 - $inside ** 2) * $wide;
}

it('carries one millimetre from the finger to the wax, and one gram from the wax to the crucible', function (
    float $us, float $wide, float $thick, string $process, float $shrinks, float $left,
): void {
    $finger = 11.63 + 0.8128 * $us;
    $bore = ($finger - 0.2) / (1 - $shrinks);
    [$waxWide, $waxThick] = [($wide + 0.2) / (1 - $shrinks), ($thick + 0.25) / (1 - $shrinks)];
    $wax = bandOf($bore, $waxWide, $waxThick);
    // Of wax at 1.00 the grams are the cubic centimetres.
    $weighed = $wax / 1000;
    $job = commission([
        'brief.finger' => "US {$us}", 'brief.alloy' => 'sterling-925', 'form.profile' => 'flat',
        'form.width_top' => (string) $wide, 'form.thickness_top' => (string) $thick, 'wax.process' => $process,
        'attempts.0.wax_mass' => sprintf('%.6f g', $weighed), 'attempts.0.weighed' => 'pattern',
    ]);
    $value = static fn (string $use, string $result): float => (float) $job->value($use, $result);
    expect($value('size.convert', 'inner_diameter'))->toEqualWithDelta($finger, 1e-9)
        ->and($value('size.convert', 'inner_circumference'))->toEqualWithDelta(M_PI * $finger, 1e-9)
        ->and($value('form.band', 'ring_volume_mm3'))->toEqualWithDelta(bandOf($finger, $wide, $thick), 1e-6)
        ->and($value('form.band', 'mass'))->toEqualWithDelta(bandOf($finger, $wide, $thick) * 0.01036, 1e-8)
        ->and($value('wax.dimensions', 'bore'))->toEqualWithDelta($bore, 1e-9)
        ->and($value('wax.dimensions', 'width'))->toEqualWithDelta($waxWide, 1e-9)
        ->and($value('wax.dimensions', 'thickness'))->toEqualWithDelta($waxThick, 1e-9)
        ->and($value('wax.dimensions', 'outside'))->toEqualWithDelta($bore + 2 * $waxThick, 1e-9)
        ->and($value('wax.pattern', 'ring_volume_mm3'))->toEqualWithDelta($wax, 1e-6)
        ->and($value('layout.grid', 'circumference'))->toEqualWithDelta(M_PI * ($bore + 2 * $waxThick), 1e-9);
    // Weighed wax times metal over wax.
    expect($value('metal.charge', 'piece_mass'))->toEqualWithDelta($weighed * 10.36, 1e-5);
    $sprues = $value('sprue.size', 'sprue_volume_mm3') * 0.01036;
    $fill = $weighed * 10.36 + $sprues;
    expect($value('metal.charge', 'fill_mass'))->toEqualWithDelta($fill, 1e-5)
        ->and($value('metal.charge', 'button_mass'))->toEqualWithDelta(max(0.15 * $fill, 5.0), 1e-5)
        ->and($value('metal.charge', 'charge_mass'))->toEqualWithDelta($fill + max(0.15 * $fill, 5.0), 1e-5);
    // What it is expected to weigh: of a mould the wax in the hand has had its own part of the shrinkage already.
    expect($value('metal.charge', 'expected_piece_mass'))->toEqualWithDelta($weighed * 10.36 * (1 - $left) ** 3, 1e-4);
    // As drawn again from the wax: it finishes at what was agreed.
    $back = reckon('wax.predict', [
        'bore' => $bore, 'width' => $waxWide, 'thickness' => $waxThick, 'process' => $process,
    ]);
    expect($back->num('inner_diameter'))->toEqualWithDelta($finger, 1e-9)
        ->and($back->num('width'))->toEqualWithDelta($wide, 1e-9)
        ->and($back->num('thickness'))->toEqualWithDelta($thick, 1e-9);
})->with([
    'a small ring' => [4.0, 2.0, 1.4, 'carved', 0.015, 0.015],
    'a plain ring' => [7.0, 4.0, 2.0, 'carved', 0.015, 0.015],
    'a broad one' => [9.5, 8.0, 2.2, 'carved', 0.015, 0.015], 'a large one' => [13.0, 6.0, 2.6, 'carved', 0.015, 0.015],
    'of a mould' => [7.0, 4.0, 2.0, 'mould', 0.035, 0.015],
    'of a mould, narrow' => [5.25, 2.5, 1.6, 'mould', 0.035, 0.015],
    'printed' => [7.0, 4.0, 2.0, 'resin', 0.010, 0.010], 'printed, broad' => [10.75, 7.0, 2.0, 'resin', 0.010, 0.010],
]);

it('cuts a strip for any finger, weighs it, and knows what solder and dust do to the gram', function (
    float $us, float $wide, float $thick, string $alloy,
): void {
    $finger = 11.63 + 0.8128 * $us;
    $job = commission([
        'brief.kind' => 'fabricated', 'brief.finger' => "US {$us}", 'brief.alloy' => $alloy,
        'form.profile' => 'flat', 'form.width_top' => (string) $wide, 'form.thickness_top' => (string) $thick,
    ]);
    // Along the middle of the metal.
    $long = M_PI * ($finger + $thick);
    expect((float) $job->value('strip.length', 'length'))->toEqualWithDelta($long, 1e-9)
        ->and((float) $job->value('strip.length', 'mass'))
        ->toEqualWithDelta($long * $wide * $thick * METALS[$alloy][0] / 1000, 1e-6)
        ->and($job->answer('wax.dimensions'))->toBeNull()->and($job->answer('burnout.programme'))->toBeNull();
})->with([
    [4.0, 2.0, 1.4, 'sterling-925'], [7.0, 3.0, 1.8, '18k-yellow'], [7.0, 3.0, 1.8, '14k-yellow'],
    [11.5, 5.0, 2.0, 'platinum-950'], [9.25, 6.5, 1.6, 'sterling-925'],
]);

it('takes the stones off what the finished piece weighs, and says the fine metal in it', function (
    float $piece, float $carats, string $alloy, float $fineness,
): void {
    $job = commission([
        'brief.finger' => 'US 7', 'brief.alloy' => $alloy, 'form.width_top' => '4', 'form.thickness_top' => '2',
        'handover.piece_mass' => (string) $piece, 'handover.stones_carats' => (string) $carats,
        'handover.size_measured' => 'US 7 1/4',
    ]);
    expect((float) $job->value('hand.over', 'metal_mass'))->toEqualWithDelta($piece - 0.2 * $carats, 1e-9)
        ->and((float) $job->value('hand.over', 'fine_mass'))
        ->toEqualWithDelta(($piece - 0.2 * $carats) * $fineness, 1e-9)
        // A quarter of a US size across.
        ->and((float) $job->value('hand.over', 'size_off'))->toEqualWithDelta(0.2032, 1e-9);
})->with([
    [5.2, 0.0, 'sterling-925', 0.925], [4.3, 1.25, '18k-yellow', 0.75], [12.61, 3.4, 'platinum-950', 0.95],
    [3.98, 0.07, '14k-yellow', 0.585],
]);

it('answers the same in whatever order it is asked, and a station says what the whole job says', function (
    int $seed,
): void {
    $typed = anyCommission($seed);
    $told = static fn (JobAnswers $job, string $use): string => json_encode([
        $job->answer($use)?->toArray(), $job->wants($use), $job->errors($use),
    ], JSON_THROW_ON_ERROR | JSON_PARTIAL_OUTPUT_ON_ERROR);
    $forward = commission($typed);
    $uses = array_values(array_diff((new RowUses($forward))->all($forward->uses()), ['burnout.core']));
    $first = array_combine($uses, array_map(static fn (string $use): string => $told($forward, $use), $uses));
    shuffle($uses);
    $anyhow = commission($typed);
    foreach ($uses as $use) {
        expect($told($anyhow, $use))->toBe($first[$use], "{$use}, seed {$seed}");
    }
    foreach ([Station::Form, Station::Stones, Station::Wax, Station::Join] as $station) {
        $page = new StationPage($station, commission($typed));
        foreach ($page->figures() as $figure) {
            expect(json_encode($figure['value']))
                ->toBe(json_encode($forward->value($figure['use'], $figure['result'])), "{$station->value} {$seed}");
        }
        // What is drawn asks for nothing that was not there.
        $page->drawings();
    }
})->with(range(1, 40));

it('changes nothing before what is changed: a later figure leaves every earlier answer alone', function (
    string $path, string $to, array $before,
): void {
    $typed = [
        'brief.finger' => 'US 7', 'brief.alloy' => '14k-yellow', 'form.width_top' => '5', 'form.thickness_top' => '2',
        'stones.0.shape' => 'round', 'stones.0.width' => '5', 'stones.0.species' => 'sapphire',
        'settings.0.style' => 'bezel', 'attempts.0.wax_mass' => '0.7 g',
    ];
    [$was, $is] = [commission($typed), commission([...$typed, $path => $to])];
    foreach ($before as $use) {
        expect($is->answer($use)?->toArray())->toEqual($was->answer($use)?->toArray(), $use);
    }
})->with([
    'another sprue' => [
        'tree.sprue_length', '14', ['size.convert', 'form.band', 'seat.bezel', 'wax.dimensions', 'blank.choose'],
    ],
    'another flask heat' => [
        'burnout.pour_temperature', '505', ['form.band', 'wax.dimensions', 'sprue.size', 'flask.choose'],
    ],
    'another push' => ['settings.0.pushes', '10', ['form.band', 'seat.bezel', 'wax.dimensions', 'metal.charge']],
    'a weight after' => [
        'finish.mass_after', '4.2', ['form.band', 'seat.bezel', 'wax.dimensions', 'metal.charge', 'set.sequence'],
    ],
]);
