<?php

declare(strict_types=1);

use Tests\Support\Screen;

const CORE = ['length' => 'mm', 'mass' => 'g', 'temperature' => 'C', 'size' => 'us'];

it('says a figure in the units at hand', function (mixed $value, string $quantity, array $units, string $says): void {
    $said = Screen::ask('say', $value, $quantity, [...CORE, ...$units]);
    expect(trim("{$said['figure']} {$said['unit']}"))->toBe($says);
})->with([
    // An inch is 25.4 mm, a pennyweight 1.55517384 g, a troy ounce 31.1034768 g; 16 ga is 1.291 mm.
    [21.3196, 'length', [], '21.32 mm'], [21.3196, 'length', ['length' => 'in'], '0.839 in'],
    [1.2908, 'length', ['length' => 'gauge'], '16.0 ga'], [0.0, 'length', ['length' => 'gauge'], '0.00 mm'],
    [-0.001, 'length', [], '0.00 mm'], [4.3967, 'mass', [], '4.40 g'], [128.25, 'mass', [], '128.3 g'],
    [4.3967, 'mass', ['mass' => 'dwt'], '2.83 dwt'], [31.1034768, 'mass', ['mass' => 'ozt'], '1.000 ozt'],
    [12.3456, 'account', [], '12.346 g'], [538, 'temperature', [], '538 °C'],
    [538, 'temperature', ['temperature' => 'F'], '1000 °F'],
    // A difference has no 32 in it.
    [40, 'temperature-difference', ['temperature' => 'F'], '72 °F'],
    [6, 'heating-rate', ['temperature' => 'F'], '10.8 °F/min'], [0.015, 'share', [], '1.5 %'],
    [59, 'minutes', [], '59 min'], [60, 'minutes', [], '1:00 h'], [429.6, 'minutes', [], '7:10 h'],
    [null, 'length', [], '–'], [true, 'yes', [], 'yes'], [[1, 2], 'list', [], '1, 2'],
]);

it('says a day and an hour as one says them, by the workshop’s clock', function (): void {
    Screen::ask('setZone', 'Asia/Kathmandu');
    expect(Screen::ask('wall', '2026-12-01T20:00:00Z'))->toBe('2026-12-02T01:45')
        // What has no zone is the wall's own already.
        ->and(Screen::ask('wall', '2026-12-01T20:00'))->toBe('2026-12-01T20:00')
        ->and(Screen::ask('moment', '2037-12-01T20:00:00Z'))->toBe('Wed 2 Dec 2037 01:45')
        ->and(Screen::ask('moment', '2037-12-01'))->toBe('Tue 1 Dec 2037')
        ->and(Screen::ask('moment', '2 × 2½', 'flask'))->toBe('2 × 2½');
    Screen::ask('setZone', 'Europe/Berlin');
    // The clock goes back on 25 October 2026: both are half past two on the wall.
    expect(Screen::ask('wall', '2026-10-25T00:30:00Z'))->toBe('2026-10-25T02:30')
        ->and(Screen::ask('wall', '2026-10-25T01:30:00Z'))->toBe('2026-10-25T02:30');
    Screen::ask('setZone', 'UTC');
});

it('turns the core’s sentences into the units at hand', function (string $core, array $units, string $says): void {
    expect(Screen::ask('inUnits', $core, [...CORE, ...$units]))->toBe($says);
})->with([
    ['Take 0.9 × 1.2 mm off.', ['length' => 'in'], 'Take 0.035 × 0.047 in off.'],
    ['Take 0.9 × 1.2 mm off.', ['length' => 'gauge'], 'Take 0.9 × 1.2 mm off.'],
    ['Pour at 200 °C or above.', ['temperature' => 'F'], 'Pour at 392 °F or above.'],
    ['21 to 24 °C is right.', ['temperature' => 'F'], '70 to 75 °F is right.'],
    ['It is hotter by 40 °C.', ['temperature' => 'F'], 'It is hotter by 72 °F.'],
    ['The collet was 140 °C ahead of the shank.', ['temperature' => 'F'], 'The collet was 252 °F ahead of the shank.'],
    ['It climbs at 6 °C/min.', ['temperature' => 'F'], 'It climbs at 11 °F/min.'],
    ['It is 3.11 g short.', ['mass' => 'dwt'], 'It is 2.00 dwt short.'],
    ['It is 31.10 g.', ['mass' => 'ozt'], 'It is 0.9999 ozt.'], ['It has 40 mm² and 3 mm³.', ['length' => 'in'],
        'It has 40 mm² and 3 mm³.'],
]);

it('counts a clock down stage by stage, and over', function (): void {
    $clock = [
        'started_at' => '2026-12-01T10:00:00Z',
        'stages' => [['stage' => 'hot', 'until_min' => 5], ['stage' => 'rinse', 'until_min' => 65]],
    ];
    $at = static fn (string $time): array => Screen::ask('standing', $clock, strtotime("2026-12-01T{$time}Z"));
    expect($at('10:04:10'))->toMatchArray(['left' => 50, 'over' => 0])
        ->and($at('10:04:10')['stage']['stage'])->toBe('hot')
        // A stage ends at its minute, not after it.
        ->and($at('10:05:00')['stage']['stage'])->toBe('rinse')->and($at('11:15:00')['over'])->toBe(600)
        ->and($at('11:15:00'))->not->toHaveKey('stage')
        ->and(Screen::ask('duration', 50.9))->toBe('0:50')->and(Screen::ask('duration', 3599))->toBe('59:59')
        ->and(Screen::ask('duration', 3600))->toBe('1:00 h')->and(Screen::ask('duration', -125))->toBe('2:05');
});
