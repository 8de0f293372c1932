<?php

declare(strict_types=1);

use HotSprue\Plan\Choice;
use Tests\Support\EveryOrder;

/** @return array<string, mixed> */
function manyJobs(int $seed): array
{
    mt_srand($seed);
    $jobs = [];
    for ($job = 0; $job < mt_rand(3, 9); $job++) {
        $steps = [
            ['brief', mt_rand(1, 8) * 10, 0, 'person'], ['wax', mt_rand(3, 50) * 10, 0, 'person'],
            ['look', 15, mt_rand(0, 2) * 1440, 'person'], ['invest', 25, 60, 'person'],
            ['burnout', 0, [300, 540, 720][mt_rand(0, 2)], 'kiln'], ['pour', 20, 20, 'person'],
            ['finish', mt_rand(3, 40) * 5, 0, 'person'], ['tumble', 0, 120, 'tumbler'],
            ['handover', 20, 0, 'person'],
        ];
        $of = jobToPlan("{$job}", mt_rand(0, 4) === 0 ? null : sprintf('2026-03-%02d', mt_rand(19, 31)), $steps);
        $of['steps'][4]['programme'] = ['medium', 'long'][mt_rand(0, 1)];
        $of['steps'][4]['pour_c'] = [480, 540, 600][mt_rand(0, 2)];
        $jobs[] = $of;
    }

    return [
        'now' => '2026-03-20T11:10', 'zone' => 'Europe/Oslo', 'jobs' => $jobs, 'people' => [
            ['id' => 'Maren', 'hours' => weekOf('8:30-12:30', '13:15-17:00'), 'off' => ['2026-03-25']],
            ['id' => 'Tobit', 'hours' => array_slice(weekOf('9:00-15:00'), 0, mt_rand(3, 5))],
        ], 'kilns' => [['id' => 'front', 'flasks' => mt_rand(1, 3), 'alone' => true]],
    ];
}

/** @param array<string, mixed> $row */
function secondsOf(array $row, string $from, string $to): int
{
    return (new DateTimeImmutable($row[$to]))->getTimestamp() - (new DateTimeImmutable($row[$from]))->getTimestamp();
}

it('holds to what a workshop is, whatever it is asked', function (int $seed): void {
    $given = manyJobs($seed);
    $plan = reckon('time.plan', $given);
    $placed = placedIn($plan);
    expect(reckon('time.plan', $given)->toArray())->toEqual($plan->toArray());
    $busy = [];
    foreach ($given['jobs'] as $job) {
        foreach ($job['steps'] as $step) {
            $row = $placed["{$job['id']} {$step['id']}"];
            foreach ($step['after'] as $before) {
                expect(secondsOf(['a' => $placed["{$job['id']} {$before}"]['done'], 'b' => $row['start']], 'a', 'b'))
                    ->toBeGreaterThanOrEqual(0);
            }
            $worked = 0;
            foreach ($row['pieces'] as $piece) {
                $worked += secondsOf($piece, 'from', 'to');
                $busy[$row['by']][] = [$piece['from'], $piece['to']];
            }
            expect($worked)->toEqual(60 * ceil($step['attended_min']))
                ->and($step['splittable'] || count($row['pieces']) <= 1)->toBeTrue();
        }
        expect(array_unique(array_filter(array_map(
            static fn (array $step): ?string => $step['resource'] === 'person'
                ? $placed["{$job['id']} {$step['id']}"]['by'] : null, $job['steps'],
        ))))->toHaveCount(1);
        // Poured within the hour.
        $held = secondsOf([
            'a' => $placed["{$job['id']} burnout"]['end'], 'b' => $placed["{$job['id']} pour"]['start'],
        ], 'a', 'b');
        expect($held)->toBeGreaterThanOrEqual(0)->toBeLessThanOrEqual(3600);
    }
    $people = array_column($given['people'], null, 'id');
    foreach ($busy as $who => $pieces) {
        sort($pieces);
        foreach ($pieces as $at => [$from, $to]) {
            // In two places at once: never.
            $at === 0 || expect($from)->toBeGreaterThanOrEqual($pieces[$at - 1][1]);
            $day = strtolower(substr((new DateTimeImmutable($from))->format('D'), 0, 3));
            $inside = array_filter($people[$who]['hours'], static fn (array $span): bool => $span['day'] === $day
                && str_pad($span['from'], 5, '0', STR_PAD_LEFT) <= substr($from, 11, 5)
                && str_pad($span['to'], 5, '0', STR_PAD_LEFT) >= substr($to, 11, 5));
            expect($inside)->not->toBe([], "{$who} works at {$from}")
                ->and(in_array(substr($from, 0, 10), $people[$who]['off'] ?? [], true))->toBeFalse();
        }
    }
    $runs = (array) $plan->value('runs');
    foreach ($runs as $at => $run) {
        expect($run['flasks'])->toBeLessThanOrEqual($given['kilns'][0]['flasks'])
            ->and($at === 0 || $run['switch_on'] >= $runs[$at - 1]['ready_at'])->toBeTrue();
        $temperatures = [];
        foreach ($run['jobs'] as $job) {
            $burnout = $given['jobs'][(int) $job]['steps'][4];
            $temperatures[] = $burnout['pour_c'];
            expect($burnout['programme'])->toBe($run['programme'])
                ->and(60 * $burnout['wait_min'])->toBeLessThanOrEqual(secondsOf($run, 'switch_on', 'ready_at'));
        }
        expect(max($temperatures) - min($temperatures))->toBeLessThanOrEqual(200);
    }
    // No plan is better than its bound.
    expect($plan->num('least_late_min'))->toBeLessThanOrEqual($plan->num('late_min'))
        ->and($plan->num('sooner_min'))->toBeGreaterThanOrEqual(0);
})->with(range(1, 9));

it('is as good as the best of every order, where there are few', function (int $seed): void {
    mt_srand($seed);
    $opens = [[0, 180], [240, 420], [1440, 1620], [1680, 1860], [2880, 3300], [4320, 4740], [5760, 9000]];
    $other = mt_rand(0, 1) === 1 ? $opens : [[120, 300], [1500, 1740], [2940, 3180], [4320, 4740], [5760, 9000]];
    $hasKiln = mt_rand(0, 2) > 0;
    $jobs = [];
    foreach (range(0, $hasKiln ? 1 : 2) as $job) {
        $steps = [];
        foreach (range(0, $hasKiln ? 0 : 1) as $_) {
            $steps[] = [mt_rand(4, 16) * 10, mt_rand(0, 2) * 60, 'person'];
        }
        array_push($steps, ...($hasKiln ? [[0, mt_rand(3, 10) * 60, 'kiln'], [20, 20, 'person'],
            [mt_rand(2, 9) * 10, 0, 'person']] : []));
        $jobs[] = ['due' => 1440 * mt_rand(1, 3), 'steps' => $steps];
    }
    [$late, $burnouts, $ends] = EveryOrder::best(['people' => [$opens, $other], 'jobs' => $jobs, 'room' => 2]);
    // The same asked of the plan: nought is midnight of Monday, 2 March.
    $clock = static fn (int $minute): string => sprintf('%d:%02d', intdiv($minute % 1440, 60), $minute % 60);
    $hours = static fn (array $spans): array => array_merge(...array_map(static fn (array $span): array => [[
        'day' => ['mon', 'tue', 'wed', 'thu', 'fri'][intdiv($span[0], 1440)], 'from' => $clock($span[0]),
        'to' => $span[1] >= 9000 ? '24:00' : $clock($span[1]),
    ]], $spans));
    $plan = reckon('time.plan', [
        'now' => '2026-03-02T00:00', 'kilns' => [['id' => 'front', 'flasks' => 2, 'alone' => true]],
        'people' => [['id' => 'a', 'hours' => $hours($opens)], ['id' => 'b', 'hours' => $hours($other)]],
        'jobs' => array_map(static fn (array $job, int $at): array => jobToPlan(
            "{$at}", sprintf('2026-03-%02d', 1 + intdiv($job['due'], 1440)), array_map(
                static fn (array $step, int $at): array => [$step[2] === 'kiln' ? 'burnout' : "s{$at}", ...$step],
                $job['steps'], array_keys($job['steps']),
            ),
        ), $jobs, array_keys($jobs)),
    ]);
    $sum = array_sum(array_map(static fn (array $job): int => secondsOf(
        ['a' => '2026-03-02T00:00:00+00:00', 'b' => $job['ends']], 'a', 'b',
    ), (array) $plan->value('jobs'))) / 60;
    $found = [$plan->num('late_min'), $plan->num('burnouts_count')];
    if (! $hasKiln) {
        expect($found)->toEqual([$late, 0])->and($sum)->toBeGreaterThanOrEqual($ends);
    }
    // A kiln may wait for another flask: that is better than any order of what is done as soon as it can be.
    expect($found <=> [$late, $burnouts])->toBeLessThanOrEqual(0)
        ->and($found != [$late, $burnouts] || $sum <= 1.02 * $ends)->toBeTrue("{$sum} against {$ends}");
})->with(range(1, 16));

it('makes little worse by a later day than its search leaves open', function (int $seed): void {
    $given = manyJobs($seed);
    $before = reckon('time.plan', $given)->num('late_min');
    foreach ($given['jobs'] as $at => $job) {
        if ($job['due'] === null) {
            continue;
        }
        $later = $given;
        $later['jobs'][$at]['due'] = (new DateTimeImmutable($job['due']))->modify('+3 days')->format('Y-m-d');
        // What a search of counted moves may miss: two days, or a fifth.
        expect(reckon('time.plan', $later)->num('late_min'))->toBeLessThanOrEqual($before + max(2880, $before / 5));
    }
})->with(range(1, 4));

it('goes on from an earlier plan to one that is no later', function (int $seed): void {
    $given = manyJobs($seed);
    $plan = reckon('time.plan', $given);
    $again = reckon('time.plan', [...$given, 'order' => array_column((array) $plan->value('jobs'), 'job')]);
    expect($again->num('late_min'))->toBeLessThanOrEqual($plan->num('late_min') + max(1440,
        $plan->num('late_min') / 5));
})->with(range(1, 3));

it('knows a choice again by whichever moves it was come to, and no other for it', function (): void {
    $choice = new Choice([0, 1, 2]);
    $one = $choice->handing(1, 0)->handing(0, 1)->waiting(4, 90)->waiting(3, 60)->hurrying(1)->hurrying(0);
    $other = $choice->hurrying(0)->waiting(3, 60)->hurrying(1)->handing(0, 1)->waiting(4, 90)->handing(1, 0);
    $different = [
        $choice, $choice->ordered([0, 2, 1]), $choice->handing(0, 1), $choice->handing(1, 0), $choice->waiting(0, 1),
        $choice->waiting(1, 1), $choice->hurrying(0), $choice->hurrying(1), new Choice([0, 1, 2], rhythm: 2),
    ];
    expect($one->key())->toBe($other->key())
        ->and(array_unique(array_map(static fn (Choice $of): string => $of->key(), $different)))
        ->toHaveCount(count($different));
});
