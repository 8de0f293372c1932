<?php

declare(strict_types=1);

use HotSprue\Fields\Input;
use HotSprue\Plan\Bounds;
use HotSprue\Plan\Choice;
use HotSprue\Plan\Flask;
use HotSprue\Plan\Hours;
use HotSprue\Plan\LatestStarts;
use HotSprue\Plan\Orders;
use HotSprue\Plan\PlanSearch;
use HotSprue\Plan\PlanStep;
use HotSprue\Plan\Prepared;
use HotSprue\Plan\Run;
use HotSprue\Plan\Scheduler;
use HotSprue\Plan\Workload;
use HotSprue\Workshop\WorkshopSettings;

/** @param array<string, mixed> $given */
function workload(array $given): Workload
{
    $settings = WorkshopSettings::shipped();
    $fields = HotSprue\Calculations::describe('time.plan')->inputs;

    return Workload::read(Input::read($fields, [
        'now' => '2026-03-02T08:00', 'people' => [['id' => 'Maren', 'hours' => weekOf('8:00-12:00', '13:00-17:00')]],
        ...$given,
    ], $settings), $settings);
}

/** Three jobs of two steps each, due one after another. */
function threeJobs(): Workload
{
    return workload(['jobs' => [
        jobToPlan('late', '2026-03-20', [['wax', 60, 0, 'person'], ['finish', 30, 0, 'person']]),
        jobToPlan('soon', '2026-03-03', [['wax', 60, 0, 'person'], ['finish', 30, 0, 'person']]),
        jobToPlan('some day', null, [['wax', 60, 0, 'person'], ['finish', 30, 0, 'person']]),
    ]]);
}

it('orders jobs by their days, those without one last', function (): void {
    $orders = new Orders(threeJobs());
    // Steps 0 and 1 are the first job's, 2 and 3 the second's, 4 and 5 the third's.
    expect($orders->byDay())->toBe([2, 3, 0, 1, 4, 5])->and($orders->byLatestStart())->toBe([2, 3, 0, 1, 4, 5])
        ->and($orders->stepByStep())->toBe([2, 3, 0, 1, 4, 5])
        ->and($orders->of(['some day', 'late']))->toBe([4, 5, 0, 1, 2, 3])
        ->and($orders->jobsIn([2, 0, 3, 4, 1, 5]))->toBe([1, 0, 2]);
});

it('moves a job before others, its own steps as they were', function (): void {
    $orders = new Orders(threeJobs());
    expect($orders->first([0, 1, 2, 3, 4, 5], 2))->toBe([4, 5, 0, 1, 2, 3])
        ->and($orders->before([0, 1, 2, 3, 4, 5], 2, 1))->toBe([0, 1, 4, 5, 2, 3])
        ->and($orders->before([0, 2, 1, 3, 4, 5], 0, 1))->toBe([0, 1, 2, 3, 4, 5]);
});

it('lists every order once, each step after what it waits for', function (): void {
    $every = [];
    foreach ((new Orders(threeJobs()))->every() as $order) {
        expect(array_search(0, $order, true))->toBeLessThan(array_search(1, $order, true))
            ->and(array_search(2, $order, true))->toBeLessThan(array_search(3, $order, true));
        $every[] = implode(',', $order);
    }
    // Six steps in three pairs: 6! ÷ (2! × 2! × 2!).
    expect($every)->toHaveCount(90)->and(array_unique($every))->toHaveCount(90);
});

it('puts steps that stand in any order after those that they wait for', function (): void {
    $workload = workload(['jobs' => [['id' => 'a', 'steps' => [
        ['id' => 'finish', 'after' => ['join', 'set']], ['id' => 'set', 'after' => ['join']], ['id' => 'join'],
    ]]]]);
    $names = array_map(static fn (int $at): string => $workload->steps[$at]->id, $workload->jobs[0]->steps);
    expect($names)->toBe(['join', 'set', 'finish'])->and($workload->steps[2]->after)->toBe([0, 1]);
});

it('takes whole minutes, rounded up, and a day until it is past', function (): void {
    $workload = workload(['zone' => 'Europe/Oslo', 'jobs' => [
        ['id' => 'a', 'due' => '2026-03-29', 'steps' => [['id' => 'wax', 'attended_min' => 2.5, 'wait_min' => 0.1]]],
    ]]);
    // The day on which clocks are put forward ends at 22:00 in UTC.
    expect($workload->steps[0]->minutes)->toBe(3)->and($workload->steps[0]->waits)->toBe(1)
        ->and(gmdate('Y-m-d H:i', 60 * (int) $workload->jobs[0]->due))->toBe('2026-03-29 22:00');
});

it('knows hours by the weekday and the wall, from now on', function (): void {
    $zone = new DateTimeZone('Europe/Oslo');
    $now = intdiv((new DateTimeImmutable('2026-03-27T11:00', $zone))->getTimestamp(), 60);
    $hours = [['day' => 'fri', 'from' => '8:00', 'to' => '16:00'], ['day' => 'sun', 'from' => '1:00', 'to' => '4:00']];
    $said = array_map(
        static fn (array $span): array => array_map(
            static fn (int $at): string => gmdate('m-d H:i', 60 * $at), $span,
        ), Hours::of($hours, ['2026-04-03'], $now, 8, $zone),
    );
    expect($said)->toBe([
        // What is past of today is gone.
        ['03-27 10:00', '03-27 15:00'],
        // One to four are two hours on the Sunday that has no two o'clock; Friday a week later is a day off.
        ['03-29 00:00', '03-29 02:00'],
    ]);
});

it('shares a burnout of one class, with room, long enough, and pours near one another', function (
    ?string $programme, int $minutes, float $pour, int $flasks, bool $suits,
): void {
    $run = new Run(0, 0, 360, 'medium', 540.0, 2, [0]);
    $step = new PlanStep(
        1, 'burnout', 'burn out', 'burnout', 0, $minutes, 'kiln', [], false, null, $programme, $pour, $flasks, null,
    );
    expect($run->suits($step, 3, 100.0))->toBe($suits)->and($run->with($step)->jobs)->toBe([0, 1]);
})->with([
    ['medium', 360, 540, 1, true], ['medium', 361, 540, 1, false], ['long', 360, 540, 1, false],
    ['medium', 300, 640, 1, true], ['medium', 300, 641, 1, false], ['medium', 300, 440, 1, true],
    ['medium', 360, 540, 2, false], [null, 360, 540, 1, false],
]);

it('finds the flask that waits for nothing but its burnout', function (): void {
    $alone = workload(['kilns' => [['id' => 'k']], 'jobs' => [jobToPlan('a', null, [
        ['invest', 25, 60, 'person'], ['burnout', 0, 300, 'kiln'], ['pour', 20, 20, 'person'],
    ])]]);
    $flasks = Flask::in($alone, Prepared::of($alone)->pours);
    expect(array_keys($flasks))->toEqualCanonicalizing([0, 1])->and($flasks[1]->pour)->toBe(2);
    // Something else waits for it too: then it is not put off.
    $busy = workload(['kilns' => [['id' => 'k']], 'jobs' => [['id' => 'a', 'steps' => [
        ['id' => 'invest', 'attended_min' => 25], ['id' => 'tidy', 'attended_min' => 5, 'after' => ['invest']],
        ['id' => 'burnout', 'resource' => 'kiln', 'wait_min' => 300, 'after' => ['invest']],
        ['id' => 'pour', 'attended_min' => 20, 'after' => ['burnout']],
    ]]]]);
    expect(Flask::in($busy, Prepared::of($busy)->pours))->toBe([]);
});

it('bounds each job by itself, in the best hands for it', function (): void {
    $workload = workload([
        'people' => [
            ['id' => 'Maren', 'hours' => weekOf('8:00-12:00')], ['id' => 'Tobit', 'hours' => weekOf('8:00-17:00')],
        ],
        'jobs' => [
            jobToPlan('a', '2026-03-02', [['wax', 360, 0, 'person']]),
            jobToPlan('b', '2026-03-02', [['wax', 360, 0, 'person']], ['person' => 'Maren']),
        ],
    ]);
    $bounds = Bounds::of($workload, Prepared::of($workload));
    // Tobit is done at two; Maren has four hours a day, and is done on Tuesday at ten: ten hours late.
    expect($bounds->ends[0] - $workload->now)->toBe(360)->and($bounds->late(0))->toEqual(0)
        ->and($bounds->late(1))->toEqual(600);
});

it('says how long a job may wait, by the hours of its hands and where its burnout stands', function (): void {
    $workload = workload(['kilns' => [['id' => 'k', 'alone' => true]], 'jobs' => [
        jobToPlan('a', '2026-03-06', [['wax', 60, 0, 'person'], ['finish', 120, 0, 'person']]),
        jobToPlan('b', '2026-03-20', [
            ['invest', 25, 60, 'person'], ['burnout', 0, 300, 'kiln'], ['pour', 20, 0, 'person'],
        ]),
        jobToPlan('c', null, [['wax', 60, 0, 'person']]),
    ]]);
    $plan = PlanSearch::best($workload, Prepared::of($workload))->plan();
    $latest = new LatestStarts($workload, $plan);
    // Friday from three the finish, from two the wax.
    $must = $latest->of(0);
    expect($workload->said($must['latest'] ?? 0))->toStartWith('2026-03-06T14:00')
        ->and($workload->steps[$must['step'] ?? 0]->id)->toBe('wax')
        // A burnout stays: its flask is invested an hour and 25 minutes before it at the latest.
        ->and(($latest->of(1)['latest'] ?? 0) + 85)->toBeLessThanOrEqual($plan->runs[0]->start)
        ->and($latest->of(2))->toBeNull();
});

it('lays down what it is told, in the hands that it is told', function (): void {
    $workload = workload([
        'people' => [
            ['id' => 'Maren', 'hours' => weekOf('8:00-12:00')], ['id' => 'Tobit', 'hours' => weekOf('8:00-12:00')],
        ],
        'jobs' => [
            jobToPlan('a', null, [['wax', 60, 0, 'person']]), jobToPlan('b', null, [['wax', 60, 0, 'person']]),
        ],
    ]);
    $prepared = Prepared::of($workload);
    $by = static fn (Choice $choice): array => array_map(
        static fn ($placed): ?int => $placed->by, Scheduler::place($workload, $choice, $prepared)->placed,
    );
    $choice = new Choice([0, 1]);
    expect($by($choice))->toBe([0 => 0, 1 => 1])->and($by($choice->handing(1, 0)))->toBe([0 => 0, 1 => 0])
        ->and($by($choice->handing(0, 1)->handing(1, 1)->ordered([1, 0])))->toBe([1 => 1, 0 => 1]);
});

it('switches a kiln on in the rhythm that it is told, but for who is in a hurry', function (): void {
    $steps = [['invest', 25, 60, 'person'], ['burnout', 0, 120, 'kiln'], ['pour', 20, 0, 'person']];
    $workload = workload(['kilns' => [['id' => 'k', 'flasks' => 3, 'alone' => true]], 'jobs' => [
        jobToPlan('a', null, $steps), jobToPlan('b', null, [['wax', 400, 0, 'person'], ...$steps]),
        jobToPlan('c', null, [['look', 15, 2880, 'person'], ...$steps]),
    ]]);
    $prepared = Prepared::of($workload);
    $order = (new Orders($workload))->of(['a', 'b', 'c']);
    $days = static fn (Choice $choice): array => array_map(
        static fn (Run $run): int => intdiv($run->start - $workload->now, 1440),
        Scheduler::place($workload, $choice, $prepared)->runs,
    );
    // b has its wax on Monday and Tuesday, c comes back on Wednesday.
    expect($days(new Choice($order, rhythm: 1)))->toBe([0, 1, 2])
        ->and($days(new Choice($order, rhythm: 4)))->toBe([0, 4])
        ->and($days((new Choice($order, rhythm: 4))->hurrying(1)))->toBe([0, 1, 4]);
});

it('waits with one burnout for another flask where it is told', function (): void {
    $workload = workload(['kilns' => [['id' => 'k', 'alone' => true]], 'jobs' => [jobToPlan('a', null, [
        ['invest', 25, 60, 'person'], ['burnout', 0, 120, 'kiln'], ['pour', 20, 0, 'person'],
    ])]]);
    $until = $workload->now + 1440;
    $choice = (new Choice([0, 1, 2]))->waiting(1, $until);
    expect(Scheduler::place($workload, $choice, Prepared::of($workload))->runs[0]->start)
        ->toBeGreaterThanOrEqual($until);
});
