<?php

declare(strict_types=1);

use Tests\Support\Drawn;

/** @return array<string, mixed> a week in which two people work and a kiln burns */
function weekToDraw(): array
{
    return [
        'now' => '2026-03-02T08:00', 'people' => [
            ['id' => 'Maren', 'hours' => weekOf('8:00-16:00')], ['id' => 'Tobit', 'hours' => weekOf('8:00-16:00')],
        ], 'kilns' => [['id' => 'front', 'alone' => true]], 'tumblers' => 1, 'jobs' => [
            jobToPlan('131', null, [['wax', 480, 0, 'person'], ['finish', 480, 0, 'person']], ['person' => 'Maren']),
            jobToPlan('132', null, [
                ['burnout', 0, 1440, 'kiln'], ['pour', 20, 0, 'person'], ['tumble', 0, 120, 'tumbler'],
            ], ['person' => 'Tobit']),
        ],
    ];
}

/** @return list<array{float, float, float, float}> left, top, right and bottom of each bar of a style */
function barsOf(Drawn $view, string $style): array
{
    $bars = [];
    foreach ($view->toArray()['shapes'] as $shape) {
        if ($shape['kind'] === 'path' && $shape['style'] === $style) {
            preg_match('/^M(\S+) (\S+) h(\S+) v(\S+)/', $shape['d'], $is);
            [$left, $top, $wide, $high] = array_map(floatval(...), array_slice($is, 1));
            $bars[] = [$left, $top, $left + $wide, $top + $high];
        }
    }

    return $bars;
}

it('draws work as wide as it is long, in the lane of whoever does it', function (): void {
    $view = Drawn::of('time.plan', weekToDraw())['plan'];
    $day = 168 / 2;
    $work = barsOf($view, 'fill-sprue');
    usort($work, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
    // Eight hours are a third of a day's width, from eight o'clock on; both in the first lane.
    expect($work[0][0])->toEqualWithDelta($day / 3, 0.01)->and($work[0][2])->toEqualWithDelta(2 * $day / 3, 0.01)
        ->and($work[0][1])->toEqualWithDelta(2, 0.01)->and($work[0][3])->toEqualWithDelta(9, 0.01);
    [$kiln] = barsOf($view, 'fill-hot');
    // A day and a night in the kiln, in the third lane.
    expect($kiln[2] - $kiln[0])->toEqualWithDelta($day, 0.01)->and($kiln[1])->toEqualWithDelta(2 * 11 + 2, 0.01);
    [$tumbler] = barsOf($view, 'fill-invest');
    expect($tumbler[2] - $tumbler[0])->toEqualWithDelta($day / 12, 0.01)
        ->and($tumbler[1])->toEqualWithDelta(3 * 11 + 2, 0.01);
});

it('names lanes and days, and each job on its bar where it has room', function (): void {
    $texts = array_column(array_filter(
        Drawn::of('time.plan', weekToDraw())['plan']->toArray()['shapes'],
        static fn (array $shape): bool => $shape['kind'] === 'text',
    ), 'text');
    expect($texts)->toContain('Maren', 'Tobit', 'front', 'tumbler 1', 'Mon 2 Mar', 'Tue 3 Mar', '131', '132');
});

it('draws a week at most, and nothing of what lies beyond it', function (): void {
    $view = Drawn::of('time.plan', [...weekToDraw(), 'jobs' => [
        jobToPlan('131', null, [['wax', 60, 20_000, 'person'], ['finish', 60, 0, 'person']]),
    ]])['plan'];
    foreach (barsOf($view, 'fill-sprue') as [$left, , $right]) {
        expect($left)->toBeGreaterThanOrEqual(0)->and($right)->toBeLessThanOrEqual(168.001);
    }
});

it('draws an empty plan without a bar', function (): void {
    $view = Drawn::of('time.plan', ['now' => '2026-03-02T08:00', 'people' => [], 'jobs' => []])['plan'];
    expect($view->paths('fill-sprue'))->toBe([])->and($view->paths('fill-hot'))->toBe([]);
});

it('draws a promise as long as what it rests on, each part as long as it takes', function (): void {
    $given = [
        'now' => '2026-03-02T08:00', 'job' => 'new', 'spread_min' => 1440, 'confidence' => 0.8,
        'people' => [['id' => 'Maren', 'hours' => weekOf('8:00-16:00')]],
        'jobs' => [jobToPlan('new', null, [['wax', 60, 0, 'person'], ['look', 15, 2880, 'person']])],
    ];
    $view = Drawn::of('time.promise', $given)['promise'];
    $answer = reckon('time.promise', $given);
    $whole = $answer->num('length_min') + $answer->num('spare_min');
    $parts = [];
    foreach (['fill-sprue', 'fill-stone', 'fill-invest', 'fill-metal', 'fill-wax', 'fill-paper',
        'fill-caution'] as $style) {
        // The key's little boxes stand under the bar.
        array_push($parts, ...array_filter(
            barsOf($view, $style), static fn (array $bar): bool => $bar[1] < 1 && $bar[3] > 9,
        ));
    }
    $widths = array_map(static fn (array $bar): float => $bar[2] - $bar[0], $parts);
    expect(array_sum($widths))->toEqualWithDelta(160, 0.05)
        // Two days of the client's among all of it.
        ->and(max($widths))->toEqualWithDelta(160 * 2880 / $whole, 0.05);
    $told = array_column(array_filter(
        $view->toArray()['shapes'], static fn (array $shape): bool => $shape['kind'] === 'text',
    ), 'text');
    expect($told)->toContain('2.0 d the client thinks it over');
});

it('draws no promise where there is no room', function (): void {
    expect(Drawn::of('time.promise', [
        'now' => '2026-03-02T08:00', 'job' => 'new', 'people' => [],
        'jobs' => [jobToPlan('new', null, [['wax', 60, 0, 'person']])],
    ]))->toBe([]);
});
