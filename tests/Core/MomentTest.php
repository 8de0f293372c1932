<?php

declare(strict_types=1);

use HotSprue\Measures\Moment;

it('knows a date and time from what only looks like one', function (string $said, bool $is): void {
    expect(Moment::isOne($said))->toBe($is);
})->with([
    'a minute' => ['2026-11-25T14:00', true], 'a second' => ['2026-11-25T14:00:30', true],
    'with its zone' => ['2026-11-25T14:00:00+01:00', true], 'in UTC' => ['2026-11-25T14:00Z', true],
    'the leap day' => ['2028-02-29T08:00', true], 'no leap day' => ['2027-02-29T08:00', false],
    'the thirteenth month' => ['2026-13-01T08:00', false], 'an hour too many' => ['2026-11-25T24:01', false],
    'a day only' => ['2026-11-25', false], 'in words' => ['tomorrow', false],
    'a blank between' => ['2026-11-25 14:00', false],
    'something after it' => ["2026-11-25T14:00\n", false], 'empty' => ['', false],
]);

it('puts a clock on the wall into its zone', function (string $said, string $is): void {
    expect(Moment::inZone($said, new DateTimeZone('Europe/Berlin')))->toBe($is);
})->with([
    'in winter' => ['2026-11-25T14:00', '2026-11-25T14:00:00+01:00'],
    'in summer' => ['2026-07-01T14:00', '2026-07-01T14:00:00+02:00'],
    'an hour that is left out is the one after it' => ['2027-03-28T02:30', '2027-03-28T03:30:00+02:00'],
    'one that comes twice is the first' => ['2026-10-25T02:30', '2026-10-25T02:30:00+02:00'],
    'one that has its zone keeps it' => ['2026-11-25T14:00:00Z', '2026-11-25T14:00:00Z'],
]);

it('runs on by the clock that runs on', function (string $said, float $minutes, string $later): void {
    expect(Moment::later($said, $minutes))->toBe($later);
})->with([
    'an hour' => ['2026-11-25T14:00', 60.0, '2026-11-25T15:00'],
    'over midnight' => ['2026-12-31T23:30', 45.0, '2027-01-01T00:15'],
    'back' => ['2026-11-25T00:10', -30.0, '2026-11-24T23:40'],
    'half a minute' => ['2026-11-25T14:00:00+01:00', 0.5, '2026-11-25T14:00:30+01:00'],
    'a burnout over the change of the clocks' => [
        '2027-03-27T20:00:00+01:00', 720.0, '2027-03-28T08:00:00+01:00',
    ],
]);

it('compares moments, whatever their zones', function (): void {
    expect(Moment::isBefore('2026-11-25T14:00:00+02:00', '2026-11-25T13:00:00+00:00'))->toBeTrue()
        ->and(Moment::isBefore('2026-11-25T14:00:00+01:00', '2026-11-25T13:00:00Z'))->toBeFalse()
        ->and(Moment::latest('2026-11-25T14:00:00+02:00', '2026-11-25T12:30:00Z'))->toBe('2026-11-25T12:30:00Z')
        ->and(Moment::latest('2026-11-25T14:00', '2026-11-25T13:59'))->toBe('2026-11-25T14:00');
});
