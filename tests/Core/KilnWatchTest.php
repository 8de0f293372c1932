<?php

declare(strict_types=1);

use HotSprue\Casting\KilnStages;
use HotSprue\Kiln\KilnFault;
use HotSprue\Kiln\KilnWatch;
use HotSprue\Kiln\SimulatedKiln;
use HotSprue\Workshop\WorkshopSettings;

/**
 * A log whose kiln stands so far off its programme, minute by minute.
 *
 * @param  array<int, ?float>  $off  by minute; null is no reading
 * @return list<array{min: float, kiln_c: ?float, planned_c: float}>
 */
function kilnOff(array $off, float $planned = 400.0): array
{
    return array_map(static fn (int $minute, ?float $c): array => [
        'min' => (float) $minute, 'kiln_c' => $c === null ? null : $planned + $c, 'planned_c' => $planned,
    ], array_keys($off), $off);
}

it('tells of a kiln that is off for long enough, from when it was', function (
    array $off, ?string $code, ?float $from,
): void {
    $settings = WorkshopSettings::with(['kiln.off' => 20, 'kiln.off_for' => 10]);
    $alarms = KilnWatch::alarms(kilnOff($off), $settings);
    expect(array_keys($alarms))->toBe($code === null ? [] : [$code])
        ->and($alarms[$code]['min'] ?? null)->toBe($from);
})->with([
    'just off for just so long' => [array_fill(5, 11, -20.1), 'behind', 5.0],
    'a minute less' => [array_fill(5, 10, -20.1), null, null],
    'at the limit for ever' => [array_fill(0, 60, -20.0), null, null],
    'above' => [array_fill(0, 11, 20.1), 'ahead', 0.0],
    'a door opened and shut' => [[...array_fill(0, 9, -60.0), 0.0, ...array_fill(10, 9, -60.0)], null, null],
    'counted anew from the second time' => [
        [...array_fill(0, 9, -60.0), 0.0, ...array_fill(10, 11, -60.0)], 'behind', 10.0,
    ],
    'well' => [array_fill(0, 60, 0.0), null, null],
    'no log' => [[], null, null],
]);

it('tells of gypsum above its limit at once, and of a thermocouple that is gone', function (): void {
    $settings = WorkshopSettings::with(['burnout.gypsum_limit' => 732, 'kiln.over' => 12]);
    $alarms = KilnWatch::alarms(kilnOff([0.0, 4.1, null, 4.1, null], 740.0), $settings);
    expect(array_keys($alarms))->toBe(['too-hot', 'thermocouple-lost'])
        ->and($alarms['too-hot']['min'])->toBe(1.0)->and($alarms['too-hot']['message'])->toContain('744 °C')
        ->and($alarms['thermocouple-lost']['min'])->toBe(2.0)
        ->and(KilnWatch::alarms(kilnOff([4.0], 740.0), $settings))->toBe([]);
});

it('watches a firing of clay by its own sheet, and knows no gypsum there', function (): void {
    $settings = WorkshopSettings::with(['burnout.gypsum_limit' => 732, 'kiln.over' => 12]);
    expect(KilnWatch::alarms(kilnOff([0.0, 12.0], 820.0), $settings, 820.0))->toBe([])
        ->and(array_keys(KilnWatch::alarms(kilnOff([0.0], 820.0), $settings)))->toBe(['too-hot']);
    $alarms = KilnWatch::alarms(kilnOff([0.0, 12.1], 820.0), $settings, 820.0);
    expect(array_keys($alarms))->toBe(['too-hot'])
        ->and($alarms['too-hot']['message'])->toContain('832 °C, and its sheet fires it at 820')
        ->not->toContain('gypsum');
    $behind = KilnWatch::alarms(
        kilnOff(array_fill(0, 11, -30.0), 600.0), WorkshopSettings::with(['kiln.off' => 20, 'kiln.off_for' => 10]),
        820.0,
    );
    expect($behind['behind']['message'])->toContain('The end will be later')->not->toContain('pour');
});

it('climbs no faster than a stage asks, and no faster than the kiln can', function (): void {
    $stages = KilnStages::ofSheet([['ramp_to_c' => 820.0, 'ramp_min' => 160.0, 'hold_min' => 120.0]]);
    $kiln = new SimulatedKiln($stages, [], 6.0);
    // 5 °C a minute from 20.
    expect($kiln->length())->toBe(280.0)->and($kiln->planned(60.0))->toEqualWithDelta(320.0, 1e-9)
        ->and($kiln->planned(160.0))->toEqualWithDelta(820.0, 1e-9)
        ->and($kiln->planned(250.0))->toEqualWithDelta(820.0, 1e-9)
        ->and((new SimulatedKiln($stages, [], 2.0))->planned(60.0))->toEqualWithDelta(140.0, 1e-9)
        ->and($kiln->reading(60.0))->toEqualWithDelta(320.0, 15.0);
});

it('says how far off it is', function (float $off, string $says): void {
    $settings = WorkshopSettings::with(['kiln.off' => 20, 'kiln.off_for' => 10]);
    $alarm = array_values(KilnWatch::alarms(kilnOff(array_fill(0, 11, $off)), $settings))[0];
    expect($alarm['message'])->toContain($says);
})->with([[-85.0, '85 °C behind'], [33.0, '33 °C above']]);

it('is on from its first minute to before its last', function (): void {
    $door = new KilnFault('door', 10.0, 12.0);
    expect(array_map($door->isOn(...), [9.9, 10.0, 11.9, 12.0]))->toBe([false, true, true, false])
        ->and((new KilnFault('power', 10.0))->isOn(1e6))->toBeTrue();
});

it('cools as a shut kiln does without power, and catches up when it is back', function (): void {
    $stages = [['to' => 500.0, 'minutes' => 300.0]];
    $ill = new SimulatedKiln($stages, [new KilnFault('power', 120.0, 210.0)]);
    $before = (float) $ill->reading(120.0);
    // Its time constant is 90 min: a 1/e is left of what it was above the room. It hunts by 1.5 °C.
    expect(abs((float) $ill->reading(210.0) - (20 + ($before - 20) / M_E)))->toBeLessThan(4.0)
        ->and(abs((float) $ill->reading(299.0) - 500.0))->toBeLessThan(3.0);
});

it('climbs no faster than it can, with a weak element slower still', function (string $kind, float $most): void {
    $kiln = new SimulatedKiln(
        [['to' => 700.0, 'minutes' => 300.0]], $kind === 'well' ? [] : [new KilnFault($kind, 0.0)], climb: 6.0,
    );
    $readings = $kiln->readings(array_map(floatval(...), range(0, 100, 10)));
    foreach (array_slice($readings, 1) as $at => $reading) {
        // 1.5 °C of hunting at either end.
        expect(($reading - $readings[$at]) / 10)->toBeLessThanOrEqual($most + 0.31);
    }
})->with([['well', 1.3 * 6.0], ['element', 2.0]]);

it('gives no figure while the thermocouple is lost, and the others as if it were not asked for', function (): void {
    $kiln = new SimulatedKiln([['to' => 500.0, 'minutes' => 300.0]], [new KilnFault('thermocouple', 50.0, 60.0)]);
    $readings = $kiln->readings([49.0, 50.0, 59.0, 60.0]);
    expect($readings[0])->not->toBeNull()->and($readings[1])->toBeNull()->and($readings[2])->toBeNull()
        ->and($readings[3])->toBeLessThan($readings[0]);
});
