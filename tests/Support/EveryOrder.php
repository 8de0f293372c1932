<?php

declare(strict_types=1);

namespace Tests\Support;

/**
 * The best of all plans of a few steps, by trying every order, all hands and every kiln that is on already. Minutes are
 * looked at five by five: slow and plain, and nothing of it is the plan's own.
 */
final class EveryOrder
{
    /** @var array{float, int, int}|null */
    private ?array $best = null;

    /** @param array{people: list<list<array{int, int}>>, jobs: list<array{due: int, steps: list<array{int, int,
        string}>}>, room: int} $case */
    private function __construct(private readonly array $case) {}

    /**
     * @param  array{people: list<list<array{int, int}>>, jobs: list<array{due: int, steps: list<array{int, int,
         string}>}>, room: int}  $case
     *   hours by person and steps by job, in minutes from nought; a step is its minutes, its wait and what it needs
     * @return array{float, int, int} minutes late, burnouts, sum of ends
     */
    public static function best(array $case): array
    {
        $every = new self($case);
        $hands = [[]];
        foreach ($case['jobs'] as $job => $_) {
            $hands = array_merge(...array_map(static fn (array $so): array => array_map(
                static fn (int $person): array => $so + [$job => $person], array_keys($case['people']),
            ), $hands));
        }
        foreach ($hands as $hand) {
            $every->go($hand, array_fill(0, count($case['jobs']), 0), array_fill(0, count($case['jobs']), 0), [], []);
        }

        return $every->best ?? [INF, 0, 0];
    }

    /**
     * @param  array<int, int>  $hand
     * @param  list<int>  $next  which step comes next, by job
     * @param  list<int>  $ready
     * @param  list<array{int, int, int}>  $busy  person, from, to
     * @param  list<array{int, int, int}>  $runs  from, to, flasks
     */
    private function go(array $hand, array $next, array $ready, array $busy, array $runs): void
    {
        $isDone = true;
        foreach ($this->case['jobs'] as $job => $of) {
            $step = $of['steps'][$next[$job]] ?? null;
            if ($step === null) {
                continue;
            }
            $isDone = false;
            [$minutes, $wait, $needs] = $step;
            $on = [...$next];
            $on[$job]++;
            if ($needs === 'person') {
                $start = $this->free($hand[$job], $ready[$job], $minutes, $busy);
                $this->go($hand, $on, array_replace($ready, [$job => $start + $minutes + $wait]),
                    [...$busy, [$hand[$job], $start, $start + $minutes]], $runs);

                continue;
            }
            $pour = $of['steps'][$next[$job] + 1];
            $on[$job]++;
            foreach ($this->fires($hand[$job], $ready[$job], $wait, $pour[0], $busy, $runs) as [$poured, $fires]) {
                $this->go($hand, $on, array_replace($ready, [$job => $poured + $pour[0] + $pour[1]]),
                    [...$busy, [$hand[$job], $poured, $poured + $pour[0]]], $fires);
            }
        }
        if ($isDone) {
            $late = 0.0;
            foreach ($this->case['jobs'] as $job => $of) {
                $late += max(0, $ready[$job] - $of['due']);
            }
            $score = [$late, count($runs), array_sum($ready)];
            $this->best = $this->best === null || $score < $this->best ? $score : $this->best;
        }
    }

    /** @param list<array{int, int, int}> $busy */
    private function free(int $person, int $from, int $minutes, array $busy): int
    {
        for ($at = $from; ; $at += 5) {
            foreach ($this->case['people'][$person] as [$opens, $shuts]) {
                if ($opens <= $at && $at + $minutes <= $shuts && ! $this->clashes($person, $at, $at + $minutes,
                    $busy)) {
                    return $at;
                }
            }
        }
    }

    /** @param list<array{int, int, int}> $busy */
    private function clashes(int $who, int $from, int $to, array $busy): bool
    {
        foreach ($busy as [$other, $start, $end]) {
            if ($other === $who && $start < $to && $from < $end) {
                return true;
            }
        }

        return false;
    }

    /**
     * A kiln of its own as soon as may be, and any that is on.
     *
     * @param  list<array{int, int, int}>  $busy
     * @param  list<array{int, int, int}>  $runs
     * @return list<array{int, list<array{int, int, int}>}>
     */
    private function fires(int $person, int $ready, int $burns, int $pours, array $busy, array $runs): array
    {
        $ways = [];
        foreach ($runs as $at => [$from, $to, $flasks]) {
            $pour = $this->free($person, $to, $pours, $busy);
            if ($from >= $ready && $to - $from >= $burns && $flasks < $this->case['room'] && $pour <= $to + 60) {
                $ways[] = [$pour, array_replace($runs, [$at => [$from, $to, $flasks + 1]])];
            }
        }
        for ($from = $ready; ; $from += 5) {
            $pour = $this->free($person, $from + $burns, $pours, $busy);
            $taken = array_filter(
                $runs, static fn (array $run): bool => $run[0] < $from + $burns + 60 && $from < $run[1] + 60,
            );
            if ($taken === [] && $pour <= $from + $burns + 60) {
                return [...$ways, [$pour, [...$runs, [$from, $from + $burns, 1]]]];
            }
        }
    }
}
