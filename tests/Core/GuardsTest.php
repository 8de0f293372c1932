<?php

declare(strict_types=1);

use HotSprue\Account\Ledger;
use HotSprue\Account\Lot;
use HotSprue\Account\MetalRefused;
use HotSprue\Account\Movement;
use HotSprue\Account\MovementKind;
use HotSprue\Account\Posting;
use HotSprue\Account\Settlement;
use HotSprue\Kiln\KilnWatch;
use HotSprue\Workshop\WorkshopSettings;

/** What a mistake by one sign or one figure would break, each at its limit. */
function melted(float $into): Ledger
{
    // 10 g at 0.900 and 10 g at 0.950 are 0.925 together.
    $lots = [new Lot(1, 'a', 0.900, 10_000), new Lot(2, 'b', 0.950, 10_000), new Lot(3, 'c', $into, 0)];

    return Ledger::of($lots)->after(
        Movement::of(MovementKind::Melt, [new Posting(1, -10_000), new Posting(2, -10_000), new Posting(3, 20_000)]),
    );
}

it('lets a melt miss its fineness by three thousandths, and no more', function (float $into, bool $goes): void {
    $goes ? expect(melted($into)->total())
        ->toBe(20_000) : expect(static fn (): Ledger => melted($into))->toThrow(MetalRefused::class);
})->with([[0.925, true], [0.9279, true], [0.9221, true], [0.9281, false], [0.9219, false]]);

it('keeps metal that nobody has assayed out of every melt, cut, charge and delivery', function (
    MovementKind $kind, array $postings, bool $goes,
): void {
    $lots = [new Lot(1, 'sterling-925', 0.0, 9_000, 7, null, false), new Lot(2, 'sterling-925', 0.925, 0, 7)];
    $move = static fn (): Ledger => Ledger::of($lots)->after(
        Movement::of(
            $kind,
            array_map(
                static fn (int $lot, int $mg): Posting => new Posting($lot, $mg), array_keys($postings), $postings,
            ),
        ),
    );
    $goes ? expect($move())->toBeInstanceOf(Ledger::class) : expect($move)->toThrow(MetalRefused::class, 'assayed');
})->with([
    [MovementKind::Cut, [1 => -1000, 2 => 1000], false], [MovementKind::Charge, [1 => -1000, 2 => 1000], false],
    [MovementKind::Scrap, [1 => -1000, 2 => 1000], false],
    [MovementKind::Deliver, [1 => -1000], false], [MovementKind::Return, [1 => -1000], true],
    [MovementKind::Correct, [1 => -1000], true], [MovementKind::Receive, [1 => 500], true],
]);

/** @return list<array{min: float, kiln_c: float, planned_c: float}> a reading a minute */
function steady(float $off, int $minutes): array
{
    return array_map(
        static fn (int $minute): array => ['min' => (float) $minute, 'kiln_c' => 400.0 + $off, 'planned_c' => 400.0],
        range(0, $minutes),
    );
}

it('rings for a kiln that is 40 °C off for ten minutes, whichever way', function (
    float $off, int $minutes, ?string $code,
): void {
    expect(
        array_keys(KilnWatch::alarms(steady($off, $minutes), WorkshopSettings::shipped())),
    )->toBe($code === null ? [] : [$code]);
})->with([
    'at the limit' => [-40.0, 60, null], 'behind' => [-40.1, 10, 'behind'],
    'behind, not for so long' => [-40.1, 9, null],
    'ahead' => [40.1, 10, 'ahead'], 'at the limit above' => [40.0, 60, null],
]);

it('begins to count anew when the kiln has come back', function (): void {
    $log = [
        ...steady(-50, 8), ['min' => 9.0, 'kiln_c' => 380.0, 'planned_c' => 400.0],
        ...array_map(static fn (array $point): array => [...$point, 'min' => $point['min'] + 10], steady(-50, 9)),
    ];
    expect(KilnWatch::alarms($log, WorkshopSettings::shipped()))->toBe([]);
});

it('rings over the workshop’s own gypsum limit', function (float $limit, float $kiln, bool $rings): void {
    expect(
        isset(
            KilnWatch::alarms(
                [['min' => 1.0, 'kiln_c' => $kiln, 'planned_c' => $kiln]],
                WorkshopSettings::with(['burnout.gypsum_limit' => $limit]),
            )['too-hot'],
        ),
    )->toBe($rings);
})->with([[732.0, 744.0, false], [732.0, 744.1, true], [700.0, 712.0, false], [700.0, 712.1, true]]);

it('expects of a casting what its pattern shrinks from, as it was weighed', function (
    string $process, float $shrinks,
): void {
    $charge = reckon('metal.charge', ['wax_mass' => 1, 'alloy' => 'sterling-925', 'process' => $process]);
    expect($charge->num('expected_mass'))->toEqualWithDelta(10.36 * (1 - $shrinks) ** 3, 1e-9);
})->with([['carved', 0.015], ['mould', 0.015], ['resin', 0.010]]);

it('asks about what finishing took over a tenth of the metal, and not at it', function (
    int $finished, bool $asks,
): void {
    $settled = Settlement::of([1 => 6_000, 2 => 4_000], $finished);
    expect([$settled->loss(), $settled->held(), $settled->isMuch(0.1)])->toBe([10_000 - $finished, 10_000, $asks]);
})->with([[9_000, false], [8_999, true], [10_000, false]]);
