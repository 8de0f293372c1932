<?php

declare(strict_types=1);

use HotSprue\Calculation\Answer;

/** @param array<string, mixed> $given */
function promiseOf(array $given): Answer
{
    return reckon('time.promise', [
        'now' => '2026-03-02T08:00', 'job' => 'new', 'spread_min' => 0,
        'people' => [['id' => 'Maren', 'name' => 'Maren', 'hours' => weekOf('8:00-12:00', '13:00-17:00')]], ...$given,
    ]);
}

it('puts a new job behind those that are promised, and into the time that they leave', function (): void {
    $full = jobToPlan('old', '2026-03-03', [['finish', 960, 0, 'person']]);
    // Two days of work are due in two days: it begins on the third.
    $answer = promiseOf(['jobs' => [$full, jobToPlan('new', null, [['finish', 60, 0, 'person']])]]);
    expect($answer->value('earliest'))->toStartWith('2026-03-04T09:00')
        ->and($answer->value('promise'))->toBe('2026-03-04');
    // Were the other due a day later, it could go first.
    $room = [...$full, 'due' => '2026-03-04'];
    expect(promiseOf(['jobs' => [$room, jobToPlan('new', null, [['finish', 60, 0, 'person']])]])->value('earliest'))
        ->toStartWith('2026-03-02T09:00');
});

it('says what it rests on, to the minute', function (): void {
    $answer = promiseOf(['jobs' => [
        jobToPlan('old', '2026-03-02', [['finish', 480, 0, 'person']]),
        jobToPlan('new', null, [['wax', 60, 0, 'person'], ['look', 15, 2880, 'person'], ['finish', 45, 0, 'person']]),
    ]]);
    $because = array_column((array) $answer->value('because'), 'minutes', 'what');
    // All of Monday is another's; wax on Tuesday until nine, shown at 9:15, two days until Thursday, done at ten.
    expect($because)->toEqual([
        'the client thinks it over' => 2880, 'nights, breaks and days off' => 60 + 900,
        'Maren has other work' => 480, 'work at the bench' => 120,
    ])->and($answer->num('length_min'))->toEqual(array_sum($because))
        ->and($answer->value('earliest'))->toStartWith('2026-03-05T10:00');
});

it('adds up for any workshop, and makes no other late', function (int $seed): void {
    mt_srand($seed);
    $jobs = [];
    foreach (range(0, mt_rand(1, 6)) as $job) {
        $jobs[] = jobToPlan("{$job}", sprintf('2026-03-%02d', mt_rand(4, 20)), [
            ['wax', mt_rand(2, 30) * 10, 0, 'person'], ['invest', 25, 60, 'person'], ['burnout', 0, 540, 'kiln'],
            ['pour', 20, 20, 'person'], ['finish', mt_rand(2, 30) * 5, 0, 'person'],
        ]);
    }
    $kilns = [['id' => 'front', 'flasks' => mt_rand(1, 3), 'alone' => true]];
    $alone = jobToPlan('new', null, [['wax', 90, 0, 'person'], ['invest', 25, 60, 'person'],
        ['burnout', 0, 540, 'kiln'], ['pour', 20, 20, 'person'], ['tumble', 0, 120, 'tumbler']]);
    $answer = promiseOf(['jobs' => [...$jobs, $alone], 'kilns' => $kilns]);
    $because = (array) $answer->value('because');
    $ends = (new DateTimeImmutable($answer->value('earliest')))->getTimestamp()
        - (new DateTimeImmutable('2026-03-02T08:00Z'))->getTimestamp();
    expect(array_sum(array_column($because, 'minutes')))->toEqual($answer->num('length_min'))
        ->and($ends)->toEqual(60 * $answer->num('length_min'));
    // No sooner than in an empty workshop.
    expect(promiseOf(['jobs' => [$alone], 'kilns' => $kilns])->num('length_min'))
        ->toBeLessThanOrEqual($answer->num('length_min'));
})->with(range(1, 10));

it('lays on top what the workshop’s spread asks for, and promises no day off', function (): void {
    $jobs = ['jobs' => [jobToPlan('new', null, [['finish', 480, 0, 'person']])]];
    // One in five is later than 0.8416 standard deviations; eight of ten lie within 1.2816.
    $answer = promiseOf([...$jobs, 'spread_min' => 2880, 'confidence' => 0.8]);
    expect($answer->num('spare_min'))->toEqualWithDelta(2880 * 0.841621 / 1.281552, 0.2)
        // Monday 17:00 and 31 hours and a half are the first minutes of Wednesday.
        ->and($answer->value('promise'))->toBe('2026-03-04')
        ->and(promiseOf([...$jobs, 'now' => '2026-03-06T08:00', 'spread_min' => 1440])->value('promise'))
        ->toBe('2026-03-09');
});

it('knows the shares of what falls as usual', function (float $share, float $deviations): void {
    expect(HotSprue\Plan\Quantile::of($share))->toEqualWithDelta($deviations, 1e-6);
})->with([
    // A printed table of the normal distribution.
    [0.5, 0.0], [0.6, 0.2533471], [0.8, 0.8416212], [0.9, 1.2815516], [0.95, 1.6448536],
]);

it('refuses a job that is not among those to be planned', function (): void {
    expect(refused('time.promise', ['now' => '2026-03-02T08:00', 'people' => [], 'jobs' => [], 'job' => 'new']))
        ->toHaveKey('job');
});
