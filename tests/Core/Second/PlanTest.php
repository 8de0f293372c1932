<?php

declare(strict_types=1);

/*
 * What a plan says of itself, reckoned again from nothing but where its steps lie: ends, lateness, room, burnouts, how
 * full each day is, and which line comes first.
 */

/** @return array<string, mixed> */
function anyWorkshop(int $seed): array
{
    mt_srand(1000 + $seed);
    $jobs = [];
    foreach (range(1, mt_rand(2, 7)) as $number) {
        $steps = [['brief', mt_rand(1, 60), 0, 'person'], ['wax', mt_rand(30, 400), 0, 'person']];
        if (mt_rand(0, 3) > 0) {
            array_push($steps, ['invest', 25, mt_rand(60, 90), 'person'],
                ['burnout', 0, [300, 420, 720][mt_rand(0, 2)], 'kiln'], ['pour', 20, 20, 'person']);
        }
        $steps[] = ['finish', mt_rand(10, 200), mt_rand(0, 1) * 30, 'person'];
        $jobs[] = jobToPlan("{$number}", mt_rand(0, 5) === 0 ? null : sprintf('2026-10-%02d', mt_rand(23, 31)),
            $steps, [
                'weight' => mt_rand(1, 4) / 2,
            ]);
    }

    return [
        // Over the night on which clocks are put back.
        'now' => '2026-10-22T10:20', 'zone' => 'Europe/Oslo', 'jobs' => $jobs, 'people' => [
            ['id' => 'Maren', 'hours' => [...weekOf('8:00-12:30', '13:00-17:00'), ['day' => 'sun', 'from' => '1:00',
                'to' => '5:00']]],
            ['id' => 'Tobit', 'hours' => weekOf('7:00-11:00'), 'off' => ['2026-10-26']],
        ], 'kilns' => [['id' => 'front', 'flasks' => 2, 'alone' => true], ['id' => 'back', 'flasks' => 1,
            'alone' => true]],
    ];
}

function instant(string $moment): int
{
    return (new DateTimeImmutable($moment))->getTimestamp();
}

/** The instant at which a day of the workshop is over. */
function pastOf(string $day): int
{
    return (new DateTimeImmutable("{$day} 00:00", new DateTimeZone('Europe/Oslo')))->modify('+1 day')->getTimestamp();
}

it('says of each job when it ends, how late that is and how much room it has', function (int $seed): void {
    $given = anyWorkshop($seed);
    $plan = reckon('time.plan', $given);
    $ends = $hands = [];
    foreach ((array) $plan->value('placed') as $row) {
        $ends[$row['job']] = max($ends[$row['job']] ?? 0, instant($row['done']));
        $row['resource'] === 'person' && $row['by'] !== null && $hands[$row['job']][$row['by']] = true;
    }
    $late = 0.0;
    foreach (array_column((array) $plan->value('jobs'), null, 'job') as $number => $job) {
        $asked = $given['jobs'][(int) $number - 1];
        $over = $asked['due'] === null ? 0 : ($ends[$number] - pastOf($asked['due'])) / 60;
        expect(instant($job['ends']))->toBe($ends[$number])->and($job['late_min'])->toEqual(max(0, $over))
            ->and($job['slack_min'])->toEqual($asked['due'] === null ? null : max(0, -$over))
            ->and(array_keys($hands[$number]))->toBe([$job['person']]);
        $late += $asked['weight'] * max(0, $over);
    }
    expect($plan->num('late_min'))->toEqualWithDelta($late, 1e-6);
    // Every job that is late is told of, and no other.
    $told = array_filter($plan->findings, static fn ($one): bool => $one->code === 'late');
    expect($told)->toHaveCount(count(array_filter(
        (array) $plan->value('jobs'), static fn (array $job): bool => $job['late_min'] > 0,
    )));
})->with(range(1, 6));

it('lists each burnout once, with all its jobs, and no kiln twice at a time', function (int $seed): void {
    $plan = reckon('time.plan', anyWorkshop($seed));
    $burnouts = [];
    foreach ((array) $plan->value('placed') as $row) {
        if ($row['resource'] === 'kiln') {
            $burnouts["{$row['by']} {$row['start']} {$row['end']}"][] = $row['job'];
        }
    }
    $runs = [];
    foreach ((array) $plan->value('runs') as $run) {
        $runs["{$run['kiln']} {$run['switch_on']} {$run['ready_at']}"] = $run['jobs'];
        expect($run['flasks'])->toBe(count($run['jobs']));
    }
    foreach ($burnouts as $name => $jobs) {
        expect($runs[$name] ?? [])->toEqualCanonicalizing($jobs);
    }
    expect($runs)->toHaveCount(count($burnouts))->and($plan->num('burnouts_count'))->toEqual(count($runs));
    $byKiln = [];
    foreach ((array) $plan->value('runs') as $run) {
        $byKiln[$run['kiln']][] = [instant($run['switch_on']), instant($run['ready_at']) + 3600];
    }
    foreach ($byKiln as $spans) {
        sort($spans);
        for ($at = 1; $at < count($spans); $at++) {
            expect($spans[$at][0])->toBeGreaterThanOrEqual($spans[$at - 1][1]);
        }
    }
})->with(range(7, 12));

it('says how full each day is, by the wall, and by the clock where that is put back', function (int $seed): void {
    $given = anyWorkshop($seed);
    $plan = reckon('time.plan', $given);
    $zone = new DateTimeZone('Europe/Oslo');
    $minutes = [];
    foreach ((array) $plan->value('placed') as $row) {
        foreach ($row['pieces'] as $piece) {
            $day = (new DateTimeImmutable($piece['from']))->setTimezone($zone)->format('Y-m-d');
            $minutes["{$row['by']} {$day}"] = ($minutes["{$row['by']} {$day}"] ?? 0)
                + (instant($piece['to']) - instant($piece['from'])) / 60;
        }
    }
    foreach ((array) $plan->value('load') as $day) {
        expect($day['minutes'])->toEqual($minutes["{$day['person']} {$day['day']}"] ?? 0)
            ->and($day['minutes'])->toBeLessThanOrEqual($day['of']);
        unset($minutes["{$day['person']} {$day['day']}"]);
    }
    expect($minutes)->toBe([]);
    $of = array_column(array_filter(
        (array) $plan->value('load'), static fn (array $day): bool => $day['person'] === 'Maren',
    ), 'of', 'day');
    // One to five on the Sunday that has two o'clock twice are five hours; today is left from 10:20 on.
    expect($of['2026-10-25'])->toEqual(300)->and($of['2026-10-22'])->toEqual(
        130 + 240)->and($of['2026-10-23'])->toEqual(510);
})->with(range(13, 16));

it('puts first what leaves the least room', function (int $seed): void {
    $plan = reckon('time.plan', anyWorkshop($seed));
    $must = (array) $plan->value('must_start');
    $moments = array_map(instant(...), array_column($must, 'latest_start'));
    $sorted = $moments;
    sort($sorted);
    expect($moments)->toBe($sorted);
    $placed = [];
    foreach ((array) $plan->value('placed') as $row) {
        $placed["{$row['job']} {$row['step']}"] = instant($row['start']);
    }
    foreach ($must as $one) {
        // It can always begin when it is planned to.
        expect(instant($one['latest_start']))->toBeGreaterThanOrEqual($placed["{$one['job']} {$one['step']}"]);
    }
    $runs = array_map(static fn (array $run): int => instant($run['switch_on']), (array) $plan->value('runs'));
    $first = min([PHP_INT_MAX, ...$moments]);
    expect(str_starts_with((string) $plan->value('matters'), 'Switch '))->toBe($runs !== [] && min($runs) <= $first);
})->with(range(17, 22));
