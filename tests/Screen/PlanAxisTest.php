<?php

declare(strict_types=1);

use Tests\Support\Screen;

/** Two people, Monday to Friday from nine to five, and a kiln. */
function drawnPlan(array $placed = []): array
{
    $hours = array_map(
        static fn (string $day): array => ['day' => $day, 'from' => '9:00', 'to' => '17:00'],
        ['mon', 'tue', 'wed', 'thu', 'fri'],
    );

    return [
        'people' => [['id' => 'Maren', 'hours' => $hours], ['id' => 'Tobit', 'hours' => $hours]],
        'kilns' => [['id' => 'kiln']], 'answer' => ['results' => ['placed' => ['value' => $placed, 'unit' => null]]],
    ];
}

/** A step of somebody's in one piece. */
function drawnStep(string $job, string $step, string $from, string $to, array $more = []): array
{
    return [
        'job' => $job, 'step' => $step, 'resource' => 'person', 'by' => 'Maren', 'start' => $from, 'end' => $to,
        'done' => $to, 'fixed' => false, 'pieces' => [['from' => $from, 'to' => $to]], ...$more,
    ];
}

it('makes worked hours wide, nights and idle days narrow, and reads both ways', function (): void {
    // Monday 30 November 2026, a week; it opens half an hour before the first comes and shuts as long after.
    $read = Screen::ask('along', drawnPlan(), '2026-11-30T00:00', 7, [
        '2026-11-30T00:00', '2026-11-30T08:30', '2026-11-30T17:30', '2026-12-01T00:00', '2026-12-05T00:00',
        '2026-12-07T00:00', '2026-12-02T13:00',
    ]);
    // Five days of weight 1 and two of 0.4; of a day's width its nights have 0.14.
    $day = 1 / 5.8;
    foreach ([0, 0.07 * $day, 0.93 * $day, $day, 5 * $day, 1, 2.5 * $day] as $at => $place) {
        expect($read[$at][0])->toEqualWithDelta($place, 1e-9)->and($read[$at][1])->toEqualWithDelta(0.0, 0.01);
    }
});

it('draws work at one job that hangs together as one bar, and shares a burnout', function (): void {
    $plan = drawnPlan([
        drawnStep('101', 'wax', '2026-11-30T09:00', '2026-11-30T11:00'),
        drawnStep('101', 'tree', '2026-11-30T11:00', '2026-11-30T11:30'),
        drawnStep('102', 'wax', '2026-11-30T11:30', '2026-11-30T12:00'),
        drawnStep('101', 'burnout', '2026-12-01T06:00', '2026-12-01T12:00', ['resource' => 'kiln', 'by' => 'kiln']),
        drawnStep('102', 'burnout', '2026-12-01T06:00', '2026-12-01T12:00', ['resource' => 'kiln', 'by' => 'kiln']),
        drawnStep('103', 'look', '2026-12-01T09:00', '2026-12-01T09:15', ['done' => '2026-12-03T09:15']),
    ]);
    $drawn = Screen::ask('inLanes', $plan, '2026-11-30T00:00', 7, 1000, 44);
    expect($drawn['lanes'])->toBe(['Maren', 'Tobit', 'kiln:kiln', 'waits'])
        ->and($drawn['bars'])->toBe([
            ['work', 'Maren', ['101'], 2], ['work', 'Maren', ['102'], 1], ['kiln', 'kiln:kiln', ['101', '102'], 2],
            ['work', 'Maren', ['103'], 1], ['wait', 'waits', ['103'], 1],
        ]);
    foreach ($drawn['placed'] as $at => [$left, $long, $row]) {
        expect($long)->toBeGreaterThanOrEqual(44.0);
        foreach (array_slice($drawn['placed'], $at + 1) as [$next, , $other]) {
            expect($row === $other && $next < $left + $long)->toBeFalse('one bar lies over another');
        }
    }
    // Close by, on one day, every step is a bar of its own.
    expect(Screen::ask('inLanes', $plan, '2026-11-30T00:00', 1, 1000, 44)['bars'][1])
        ->toBe(['work', 'Maren', ['101'], 1]);
});
