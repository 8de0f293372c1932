<?php

declare(strict_types=1);

use HotSprue\Plan\Calendar;

/**
 * Free time minute by minute, and what was taken of it: nothing of the calendar's own.
 *
 * @param  list<array{int, int}>  $opens
 * @param  list<array{int, int}>  $taken
 * @return array<int, string> by minute: free, taken or shut
 */
function minutesOf(array $opens, array $taken, int $until): array
{
    $minutes = array_fill(0, $until, 'shut');
    foreach ($opens as [$from, $to]) {
        for ($at = $from; $at < $to; $at++) {
            $minutes[$at] = 'free';
        }
    }
    foreach ($taken as [$from, $to]) {
        for ($at = max(0, $from); $at < min($until, $to); $at++) {
            $minutes[$at] = 'taken';
        }
    }

    return $minutes;
}

/**
 * Minutes of work from a moment on, or null where they are broken by something taken, or the time is over.
 *
 * @param  array<int, string>  $minutes
 * @return list<int>|null
 */
function workFrom(array $minutes, int $from, int $long, bool $splits): ?array
{
    $work = [];
    for ($at = $from; count($work) < $long; $at++) {
        $is = $minutes[$at] ?? 'over';
        if ($is === 'free') {
            $work[] = $at;
        } elseif ($is === 'over' || $is === 'taken' || ! $splits || $work === []) {
            return null;
        }
    }

    return $work;
}

/**
 * @param  list<array{int, int}>|null  $pieces
 * @return list<int>|null
 */
function everyMinute(?array $pieces): ?array
{
    return $pieces === null ? null : array_merge([], ...array_map(
        static fn (array $piece): array => $piece[1] > $piece[0] ? range($piece[0], $piece[1] - 1) : [], $pieces,
    ));
}

/** @return array{list<array{int, int}>, list<array{int, int}>, Calendar} hours, what was taken, and the calendar */
function anyCalendar(int $seed): array
{
    mt_srand($seed);
    $opens = [];
    $at = mt_rand(0, 20);
    for ($span = 0; $span < mt_rand(2, 6); $span++) {
        $to = $at + mt_rand(5, 40);
        $opens[] = [$at, $to];
        $at = $to + mt_rand(1, 25);
    }
    $calendar = Calendar::of($opens);
    $taken = [];
    for ($piece = 0; $piece < mt_rand(0, 5); $piece++) {
        $from = mt_rand(0, 200);
        $taken[] = [$from, $from + mt_rand(1, 25)];
        $calendar->take([end($taken)]);
    }

    return [$opens, $taken, $calendar];
}

it('finds the soonest time there is, as one would minute by minute', function (int $seed): void {
    [$opens, $taken, $calendar] = anyCalendar($seed);
    $minutes = minutesOf($opens, $taken, 400);
    foreach ([false, true] as $splits) {
        for ($case = 0; $case < 12; $case++) {
            [$ready, $long] = [mt_rand(0, 220), mt_rand(1, 45)];
            $wanted = null;
            for ($at = $ready; $at < 400 && $wanted === null; $at++) {
                $wanted = workFrom($minutes, $at, $long, $splits);
            }
            expect(everyMinute($calendar->earliest($ready, $long, $splits)))
                ->toBe($wanted, "seed {$seed}, {$long} min from {$ready}".($splits ? ', laid down' : ''));
        }
    }
})->with(range(1, 24));

it('finds the latest time there is, as one would minute by minute', function (int $seed): void {
    [$opens, $taken, $calendar] = anyCalendar($seed);
    $minutes = minutesOf($opens, $taken, 400);
    foreach ([false, true] as $splits) {
        for ($case = 0; $case < 12; $case++) {
            [$until, $long] = [mt_rand(10, 260), mt_rand(1, 45)];
            $wanted = null;
            for ($at = $until - 1; $at >= 0 && $wanted === null; $at--) {
                $work = workFrom($minutes, $at, $long, $splits);
                $wanted = $work !== null && end($work) < $until ? $work : null;
            }
            expect(everyMinute($calendar->latest($until, $long, $splits)))
                ->toBe($wanted, "seed {$seed}, {$long} min until {$until}".($splits ? ', laid down' : ''));
        }
    }
})->with(range(25, 48));

it('holds what is free and what is not', function (int $seed): void {
    [$opens, $taken, $calendar] = anyCalendar($seed);
    $minutes = minutesOf($opens, $taken, 400);
    $free = array_keys(array_filter($minutes, static fn (string $is): bool => $is === 'free'));
    expect(everyMinute($calendar->intervals()))->toBe($free);
    for ($case = 0; $case < 20; $case++) {
        $from = mt_rand(0, 200);
        $to = $from + mt_rand(1, 20);
        expect($calendar->isFree($from, $to))->toBe(
            array_diff(range($from, $to - 1), $free) === [], "seed {$seed}, {$from} to {$to}",
        );
    }
    $longest = 0;
    foreach ($calendar->intervals() as [$from, $to]) {
        $longest = max($longest, $to - $from);
    }
    expect($calendar->longest())->toBe($longest);
})->with(range(49, 60));

it('has nothing where nothing is free', function (): void {
    $calendar = Calendar::of([]);
    expect($calendar->earliest(0, 1))->toBeNull()->and($calendar->latest(100, 1, true))->toBeNull()
        ->and($calendar->longest())->toBe(0)->and($calendar->isFree(0, 1))->toBeFalse();
    $calendar->take([[0, 10]]);
    expect($calendar->intervals())->toBe([]);
});
