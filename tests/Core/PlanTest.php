<?php

declare(strict_types=1);

function clock(string $moment): string
{
    return substr($moment, 5, 11);
}

it('lays work that may be laid down over a break and a night, and no other', function (): void {
    $placed = placedIn(planOf(['jobs' => [
        jobToPlan('a', '2026-03-20', [['brief', 210, 0, 'person'], ['wax', 300, 0, 'person'], ['pour', 60, 0,
            'person']]),
    ]]));
    $pieces = array_map(
        static fn (array $piece): array => [clock($piece['from']), clock($piece['to'])], $placed['a wax']['pieces'],
    );
    expect($pieces)->toBe([['03-02T11:30', '03-02T12:00'], ['03-02T13:00', '03-02T17:00'], ['03-03T08:00',
        '03-03T08:30']])
        ->and(clock($placed['a pour']['start']))->toBe('03-03T08:30');
    // Three hours and a half are done before noon, and an hour would not be.
    $hour = placedIn(planOf(['jobs' => [
        jobToPlan('a', null, [['brief', 210, 0, 'person'], ['form', 31, 0, 'person']]),
    ]]));
    expect(clock($hour['a form']['start']))->toBe('03-02T13:00');
});

it('waits by the clock, and works on no day off', function (): void {
    $placed = placedIn(planOf([
        'people' => [['id' => 'Maren', 'hours' => weekOf('8:00-17:00'), 'off' => ['2026-03-04', '2026-03-05']]],
        'jobs' => [jobToPlan('a', null, [['look', 15, 2880, 'person'], ['sprue', 30, 0, 'person']])],
    ]));
    // Two days from Monday 8:15 are Wednesday; she is back on Friday.
    expect(clock($placed['a sprue']['start']))->toBe('03-06T08:00');
});

it('pours within the hour that its flask is held', function (): void {
    $placed = placedIn(planOf([
        'kilns' => [['id' => 'front', 'alone' => true]],
        'jobs' => [jobToPlan('a', null, [['invest', 25, 60, 'person'], ['burnout', 0, 540, 'kiln'], ['pour', 20, 20,
            'person']])],
    ]));
    // Ready at 9:25, nine hours end at 18:25 when nobody is there: it is switched on for tomorrow at eight.
    expect(clock($placed['a burnout']['start']))->toBe('03-02T23:00')
        ->and(clock($placed['a pour']['start']))->toBe('03-03T08:00')
        // And it is invested no sooner than that asks for.
        ->and(clock($placed['a invest']['end']))->toBe('03-02T17:00');
});

it('burns out together what is of one class, and apart what is not', function (array $other, int $burnouts): void {
    $steps = [['invest', 25, 60, 'person'], ['burnout', 0, 300, 'kiln'], ['pour', 20, 20, 'person']];
    $second = jobToPlan('b', '2026-03-13', $steps);
    $second['steps'][1] = [...$second['steps'][1], ...$other];
    $plan = planOf([
        'kilns' => [['id' => 'front', 'flasks' => 2, 'alone' => true]],
        'jobs' => [jobToPlan('a', '2026-03-13', $steps), $second],
    ]);
    expect($plan->num('burnouts_count'))->toEqual($burnouts);
})->with([
    'alike' => [[], 1], 'within a fall' => [['pour_c' => 640], 1], 'a fall apart' => [['pour_c' => 641], 2],
    'another programme' => [['programme' => 'long'], 2], 'longer' => [['wait_min' => 301], 1],
    'no room' => [['flasks' => 2], 2],
]);

it('keeps to the hours of the wall when clocks change', function (string $sunday, string $ends): void {
    $placed = placedIn(planOf([
        'now' => "{$sunday}T00:00", 'zone' => 'Europe/Oslo', 'people' => [
            ['id' => 'Maren', 'hours' => [['day' => 'sun', 'from' => '0:00', 'to' => '12:00']]],
        ], 'jobs' => [jobToPlan('a', null, [['wax', 240, 0, 'person']])],
    ]));
    expect($placed['a wax']['end'])->toBe($ends);
})->with([
    'spring' => ['2026-03-29', '2026-03-29T05:00:00+02:00'], 'autumn' => ['2026-10-25', '2026-10-25T03:00:00+01:00'],
    'any other' => ['2026-06-14', '2026-06-14T04:00:00+02:00'],
]);

it('goes over the year’s end', function (): void {
    $placed = placedIn(planOf([
        'now' => '2026-12-31T16:00', 'jobs' => [jobToPlan('a', '2027-01-04', [['wax', 120, 0, 'person']])],
    ]));
    expect($placed['a wax']['start'])->toStartWith('2026-12-31T16:00')
        ->and($placed['a wax']['end'])->toStartWith('2027-01-01T09:00');
});

it('puts what is due before what has no day, and says how much room there is', function (): void {
    $plan = planOf(['jobs' => [
        jobToPlan('whenever', null, [['finish', 240, 0, 'person']]),
        jobToPlan('soon', '2026-03-02', [['finish', 240, 0, 'person']]),
    ]]);
    $jobs = array_column((array) $plan->value('jobs'), null, 'job');
    expect(clock($jobs['soon']['ends']))->toBe('03-02T12:00')->and($jobs['soon']['slack_min'])->toEqual(720)
        ->and($jobs['whenever']['slack_min'])->toBeNull()->and(clock($jobs['whenever']['ends']))->toBe('03-02T17:00')
        ->and($plan->value('must_start'))->toHaveCount(1);
});

it('says by when the next step must start, all else staying', function (): void {
    $plan = planOf(['jobs' => [
        jobToPlan('a', '2026-03-03', [['wax', 60, 0, 'person'], ['finish', 60, 0, 'person']]),
        jobToPlan('b', '2026-03-03', [['finish', 60, 0, 'person']], ['weight' => 2]),
    ]]);
    $must = array_column((array) $plan->value('must_start'), null, 'job');
    // Tuesday ends at five: an hour of finish from four, an hour of wax from three.
    expect(clock($must['a']['latest_start']))->toBe('03-03T15:00')->and($must['a']['step'])->toBe('wax')
        ->and($plan->value('matters'))->toBe('Job a: wax by Tue 3 Mar 15:00.');
});

it('names the kiln to be switched on where that comes first', function (): void {
    $plan = planOf([
        'kilns' => [['id' => 'front', 'alone' => true]],
        'jobs' => [jobToPlan('a', '2026-03-20', [['burnout', 0, 540, 'kiln'], ['pour', 20, 20, 'person']])],
    ]);
    // Nine hours from eight end at five, when nobody is there any more.
    expect($plan->value('matters'))->toBe('Switch front on by Mon 2 Mar 23:00: the pour is on Tue 3 Mar 08:00.')
        ->and($plan->value('runs'))->toHaveCount(1);
});

it('leaves fixed steps where they are', function (): void {
    $jobs = [
        jobToPlan('a', '2026-03-03', [['wax', 60, 0, 'person'], ['finish', 60, 0, 'person']]),
        jobToPlan('b', '2026-03-02', [['finish', 300, 0, 'person']]),
    ];
    $placed = placedIn(planOf(['jobs' => $jobs, 'fixed' => [
        ['job' => 'a', 'step' => 'finish', 'start' => '2026-03-02T10:00'],
        ['job' => 'b', 'step' => 'finish', 'start' => '2026-03-04T09:00', 'by' => 'Maren'],
    ]]));
    expect(clock($placed['a finish']['start']))->toBe('03-02T10:00')->and($placed['a finish']['fixed'])->toBeTrue()
        ->and(clock($placed['a wax']['end']))->toBe('03-02T09:00')
        ->and(clock($placed['b finish']['start']))->toBe('03-04T09:00');
});

it('has no room for anything in an empty workshop, and says so of each job', function (): void {
    $plan = planOf(['people' => [], 'jobs' => [jobToPlan('a', '2026-03-20', [['wax', 60, 0, 'person']])]]);
    expect($plan->value('placed'))->toBe([])->and(array_column($plan->findings, 'code'))->toBe(['no-room'])
        ->and(planOf(['jobs' => []])->value('matters'))->toBe('Nothing presses.');
});

it('keeps a job in the same hands unless any will do', function (bool $any, int $hands): void {
    $placed = placedIn(planOf([
        'any_hand' => $any, 'people' => [
            ['id' => 'Maren', 'hours' => weekOf('8:00-10:00')], ['id' => 'Tobit', 'hours' => weekOf('10:00-17:00')],
        ], 'jobs' => [jobToPlan('a', null, [['brief', 120, 0, 'person'], ['form', 60, 0, 'person']])],
    ]));
    expect(array_unique(array_column($placed, 'by')))->toHaveCount($hands);
})->with([[false, 1], [true, 2]]);

it('refuses what cannot be', function (array $given, string $field): void {
    expect(refused('time.plan', [
        'now' => '2026-03-02T08:00', 'people' => [], 'jobs' => [jobToPlan('a', null, [['wax', 60, 0, 'person']])],
        ...$given,
    ]))->toHaveKey($field);
})->with([
    [['zone' => 'Nowhere/Land'], 'zone'],
    [['people' => [['id' => 'a', 'hours' => [['day' => 'mon', 'from' => '9:00', 'to' => '8:00']]]]], 'people'],
    [['people' => [['id' => 'a', 'hours' => [['day' => 'mon', 'from' => 'nine', 'to' => '10:00']]]]], 'people'],
    [['people' => [['id' => 'a', 'hours' => weekOf('8:00-12:00', '11:00-13:00')]]], 'people'],
    [['people' => [['id' => 'a'], ['id' => 'a']]], 'people'],
    [['fixed' => [['job' => 'a', 'step' => 'pour', 'start' => '2026-03-02T08:00']]], 'fixed'],
    [['fixed' => [['job' => 'a', 'step' => 'wax', 'start' => '2026-03-02T08:00', 'by' => 'nobody']]], 'fixed'],
    [['jobs' => [['id' => 'a', 'steps' => [['id' => 'x', 'after' => ['y']], ['id' => 'y', 'after' => ['x']]]]]],
        'jobs'],
    [['jobs' => [['id' => 'a', 'steps' => [['id' => 'x', 'after' => ['z']]]]]], 'jobs'],
    [['jobs' => [['id' => 'a'], ['id' => 'a']]], 'jobs'],
]);

it('lets no flask go dry over a weekend for an earlier end', function (): void {
    $job = jobToPlan('a', '2026-12-11', [
        ['invest', 25, 60, 'person'], ['burnout', 0, 361, 'kiln'], ['pour', 20, 20, 'person'],
    ]);
    $job['steps'][0]['stand_most'] = 90;
    $plan = planOf([
        // Friday afternoon: invested now, it could burn on Sunday night and be poured on Monday at half past eight.
        'now' => '2026-11-27T13:40', 'people' => [['id' => 'Maren', 'hours' => weekOf('8:30-12:30', '13:15-17:15')]],
        'kilns' => [['id' => 'front', 'alone' => true]], 'jobs' => [$job],
    ]);
    $placed = placedIn($plan);
    expect(clock($placed['a invest']['start']))->toBe('11-30T08:30')
        ->and(clock($placed['a pour']['start']))->toBe('11-30T15:56')->and($plan->findings)->toBe([]);
});
