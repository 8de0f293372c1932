<?php

declare(strict_types=1);

use HotSprue\Measures\NotUnderstood;
use HotSprue\Plan\HoursTalk;

it('reads hours as one says them, and says them back', function (string $said, int $spans, string $again): void {
    $hours = HoursTalk::read($said);
    expect($hours)->toHaveCount($spans)->and(HoursTalk::say($hours))->toBe($again)
        ->and(HoursTalk::read($again))->toBe(HoursTalk::read($said));
})->with([
    ['mon-fri 8:30-12:30 13:15-17:15', 10, 'mon-fri 8:30-12:30 13:15-17:15'],
    ['Tuesday–Thursday 9–17; sat 9.30-12', 4, 'tue-thu 9:00-17:00; sat 9:30-12:00'],
    ['mon, wed, 8-12', 2, 'mon 8:00-12:00; wed 8:00-12:00'], ['sun 0-24', 1, 'sun 0:00-24:00'], ['', 0, ''],
]);

it('refuses what are no hours', function (string $said): void {
    HoursTalk::read($said);
})->with(['monday', '9-17', 'mon 9', 'mon 17-9', 'fri-mon 9-17', 'mon 25-26', 'mon 9-24:30', 'xyz 9-17'])
    ->throws(NotUnderstood::class);
