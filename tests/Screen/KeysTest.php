<?php

declare(strict_types=1);

use Tests\Support\Screen;

const CHARGE = ['jobs/101/charge', ['lots' => [['lot' => 3, 'mass' => '43.10']], 'casting' => '30', 'button' => '13']];

/** @param list<array{int, array{string, mixed}, 2?: string}> $presses ms after the one before, what is asked, verb */
function keysOf(array $presses, int $answers = 600): array
{
    $keys = Screen::ask('keysOf', array_map(static fn (array $press): array => [
        $press[0], $press[2] ?? 'POST', ...$press[1],
    ], $presses), $answers);
    $names = array_flip(array_values(array_unique($keys)));

    return array_map(static fn (string $key): int => $names[$key], $keys);
}

it('gives a press that is made twice one key, at once, on its way and just after', function (int $later): void {
    expect(keysOf([[0, CHARGE], [$later, CHARGE]]))->toBe([0, 0]);
})->with([0, 40, 400, 599, 601, 2000]);

it('takes it for another once it has been answered for a while', function (): void {
    expect(keysOf([[0, CHARGE], [2200, CHARGE]]))->toBe([0, 1]);
});

it('gives what is asked otherwise, or after something else, a key of its own', function (): void {
    $other = [CHARGE[0], [...CHARGE[1], 'button' => '13.1']];
    expect(keysOf([[0, CHARGE], [40, $other], [40, CHARGE]]))->toBe([0, 1, 2])
        // A tick put on, off and on again is three presses.
        ->and(keysOf([[0, ['flasks/1/tick', ['on' => true]]], [90, ['flasks/1/tick', ['on' => false]]],
            [90, ['flasks/1/tick', ['on' => true]]]]))->toBe([0, 1, 2]);
});

it('counts each step back, each look at a device and each figure that is set', function (): void {
    foreach (['jobs/101/undo', 'jobs/101/redo', 'devices/balance/tare'] as $path) {
        expect(keysOf([[0, [$path, null]], [40, [$path, null]]]))->toBe([0, 1], $path);
    }
    expect(keysOf([[0, ['workshop', ['mark' => 'MT']], 'PUT'], [40, ['workshop', ['mark' => 'MT']], 'PUT']]))
        ->toBe([0, 1]);
});
