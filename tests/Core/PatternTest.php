<?php

declare(strict_types=1);

// From a wax to a casting and back: every way that a pattern is made, each with its own shrinkage.

/** What the workbook says a process shrinks, from what was carved, printed or moulded to the casting. */
const SHRINKS = ['carved' => 0.015, 'mould' => 0.035, 'resin' => 0.010, 'clay' => 0.11];

it('makes a pattern larger by its process’s shrinkage, linear', function (string $process): void {
    // The bore of a 17.32 finger, opened by 2 × 0.10 in finishing; 5 wide and 2 thick with what is filed off.
    $wax = reckon(
        'wax.dimensions', ['inner_diameter' => 17.32, 'width' => 5, 'thickness' => 2, 'process' => $process],
    );
    $keep = 1 - SHRINKS[$process];
    expect($wax->num('bore'))->toEqualWithDelta(17.12 / $keep, 1e-9)
        ->and($wax->num('width'))->toEqualWithDelta(5.2 / $keep, 1e-9)
        ->and($wax->num('thickness'))->toEqualWithDelta(2.25 / $keep, 1e-9);
})->with(array_keys(SHRINKS));

it('nets finishing, which opens a finger hole, and shrinkage, which closes it', function (): void {
    $given = ['inner_diameter' => 17.32, 'width' => 5, 'thickness' => 2];
    $bore = static fn (array $with): float => reckon('wax.dimensions', [...$given, ...$with])->num('bore');
    // Neither: the finger itself. Finishing alone leaves it under size; shrinkage alone over.
    expect($bore(['shrinkage' => 0, 'finish_inside' => 0]))->toEqualWithDelta(17.32, 1e-9)
        ->and($bore(['shrinkage' => 0]))->toEqualWithDelta(17.12, 1e-9)
        ->and($bore(['finish_inside' => 0]))->toEqualWithDelta(17.32 / 0.985, 1e-9)
        ->and($bore(['process' => 'carved', 'finishing' => 'heavy']))->toEqualWithDelta(16.92 / 0.985, 1e-9);
});

it('takes a shrinkage or the way it is made, and not both', function (): void {
    $given = ['inner_diameter' => 17.32, 'width' => 5, 'thickness' => 2];
    expect(refused('wax.dimensions', [...$given, 'process' => 'mould', 'shrinkage' => 0.02]))->not->toBe([])
        ->and(refused('wax.dimensions', [...$given, 'shrinkage' => 0.02]))->toBe([])
        ->and(refused('wax.dimensions', [...$given, 'process' => 'stamped']))->toHaveKey('process')
        ->and(refused('wax.dimensions', [...$given, 'shrinkage' => -0.01]))->toHaveKey('shrinkage')
        ->and(refused('wax.dimensions', [...$given, 'shrinkage' => 1]))->toHaveKey('shrinkage');
});

it('foretells of a measured wax the ring that comes of it', function (string $process): void {
    $keep = 1 - SHRINKS[$process];
    $ring = reckon('wax.predict', ['bore' => 17.6, 'width' => 5.4, 'thickness' => 2.4, 'process' => $process]);
    expect($ring->num('inner_diameter'))->toEqualWithDelta(17.6 * $keep + 0.2, 1e-9)
        ->and($ring->num('width'))->toEqualWithDelta(5.4 * $keep - 0.2, 1e-9)
        ->and($ring->num('thickness'))->toEqualWithDelta(2.4 * $keep - 0.25, 1e-9);
})->with(array_keys(SHRINKS));

it('learns a wax’s density from a block, and says where no wax lies', function (
    array $given, float $density, bool $unlikely,
): void {
    $answer = reckon('wax.density', $given);
    expect($answer->num('density'))->toEqualWithDelta($density, 1e-9)
        ->and(in_array('density-unlikely', array_column($answer->findings, 'code'), true))->toBe($unlikely);
})->with([
    'a block of 20 × 10 × 5' => [['mass' => 1, 'length' => 20, 'width' => 10, 'height' => 5], 1.0, false],
    'at the light end' => [['mass' => 0.93, 'volume_mm3' => 1000], 0.93, false],
    'lighter' => [['mass' => 0.929, 'volume_mm3' => 1000], 0.929, true],
    'at the heavy end' => [['mass' => 1.03, 'volume_mm3' => 1000], 1.03, false],
    'heavier' => [['mass' => 1.031, 'volume_mm3' => 1000], 1.031, true],
]);

it('wants a block’s three sides, or its volume', function (array $given): void {
    expect(refused('wax.density', ['mass' => 1, ...$given]))->not->toBe([]);
})->with([
    'nothing' => [[]], 'two sides' => [['length' => 20, 'width' => 10]],
    'both' => [['length' => 20, 'width' => 10, 'height' => 5, 'volume_mm3' => 1000]],
]);

it('melts for what the mould holds, and expects of the balance what has shrunk', function (
    string $process, float $weighed,
): void {
    // A wax of 1 g at 0.95, in sterling at 10.36; from a weighed wax a mould has had its own part already.
    $charge = reckon('metal.charge', [
        'wax_mass' => 1, 'wax_density' => 0.95, 'alloy' => 'sterling-925', 'process' => $process, 'method' => 'vacuum',
    ]);
    $fill = 10.36 / 0.95;
    expect($charge->num('fill_mass'))->toEqualWithDelta($fill, 1e-9)
        ->and($charge->num('expected_mass'))->toEqualWithDelta($fill * (1 - $weighed) ** 3, 1e-9)
        // A fifth of it, or 8 g.
        ->and($charge->num('button_mass'))->toEqualWithDelta(8.0, 1e-9)
        ->and($charge->num('charge_mass'))->toEqualWithDelta($fill + 8.0, 1e-9)
        ->and($charge->num('factor'))->toEqualWithDelta($fill + 8.0, 1e-9);
})->with([['carved', 0.015], ['mould', 0.015], ['resin', 0.010]]);

it('leaves a button as its way of casting wants it', function (
    string $method, float $wax, float $button,
): void {
    $charge = reckon('metal.charge', ['wax_mass' => $wax, 'alloy' => 'sterling-925', 'method' => $method]);
    expect($charge->num('button_mass'))->toEqualWithDelta($button, 1e-9);
})->with([
    // The least of each, and a share of a larger casting: 15, 20 and 25 %.
    'a small one, spun' => ['spin', 1.0, 5.0], 'a large one' => ['spin', 5.0, 0.15 * 51.8],
    'a small one, by vacuum' => ['vacuum', 1.0, 8.0], 'a large one by vacuum' => ['vacuum', 5.0, 0.2 * 51.8],
    'a small one by hand' => ['hand', 1.0, 10.0], 'a large one by hand' => ['hand', 5.0, 0.25 * 51.8],
]);
