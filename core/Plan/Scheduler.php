<?php

declare(strict_types=1);

namespace HotSprue\Plan;

/**
 * Lays steps down one after another, each as soon as it can be: what it waits for is done, and hands or kiln are free.
 * Source: workbook 15, the plan.
 */
final class Scheduler
{
    /** Mornings tried for a flask that may not stand long. */
    private const TRIES = 24;

    /** @var array<int, Placed> */
    private array $placed = [];

    /** @var list<Calendar> */
    private array $people;

    /** @var list<Calendar> */
    private array $tumblers;

    private Firing $firing;

    /** @var array<int, int> */
    private array $hands;

    private function __construct(
        private readonly Workload $workload, private readonly Choice $choice, private readonly Prepared $prepared,
    ) {
        $copy = static fn (Calendar $free): Calendar => clone $free;
        $this->people = array_map($copy, $workload->hours);
        $all = Calendar::of([[$workload->now, $workload->horizon]]);
        $this->tumblers = array_map(
            static fn (): Calendar => clone $all, $workload->tumblers > 0 ? range(1, $workload->tumblers) : [],
        );
        $this->firing = new Firing($workload, $prepared->house);
        $this->hands = $choice->hands;
    }

    public static function place(Workload $workload, Choice $choice, Prepared $prepared): Plan
    {
        $scheduler = new self($workload, $choice, $prepared);
        $scheduler->fixed();
        foreach ($choice->order as $step) {
            isset($scheduler->placed[$step]) || $scheduler->lay($step);
        }

        return new Plan($workload, $scheduler->placed, $scheduler->firing->runs(), $scheduler->hands);
    }

    /** What is fixed stays where it is, whatever else is so. */
    private function fixed(): void
    {
        foreach ($this->workload->fixed as $at => ['start' => $start, 'by' => $by]) {
            $step = $this->workload->steps[$at];
            if (! isset($this->workload->jobs[$step->job])) {
                continue;
            }
            if ($step->isBurnout()) {
                $this->placed[$at] = $this->firing->fixed($step, $start, $by ?? 0);

                continue;
            }
            $by ??= $this->prepared->named[$at] ?? $this->prepared->hands[0] ?? null;
            $pieces = $step->minutes === 0 ? [] : [[$start, $start + $step->minutes]];
            if ($by !== null) {
                $free = $this->people[$by]->earliest($start, $step->minutes, $step->splits);
                $pieces = $free !== null && $free[0][0] === $start ? $free : $pieces;
                $this->people[$by]->take($pieces);
                $this->hands[$step->job] ??= $by;
            }
            $end = $pieces === [] ? $start : $pieces[count($pieces) - 1][1];
            $this->placed[$at] = new Placed($by, $start, $end, $pieces, $end + $step->waits, true);
        }
    }

    private function lay(int $at): void
    {
        $step = $this->workload->steps[$at];
        $flask = $this->prepared->flasks[$at] ?? null;
        if ($flask !== null && ! isset($this->placed[$flask->pour]) && ! isset($this->placed[$flask->invest])) {
            $this->flask($flask, $at);

            return;
        }
        $ready = $this->ready($step);
        if ($ready === null) {
            return;
        }
        match ($step->resource) {
            'person' => $this->attend($at, $step, $ready),
            'kiln' => $this->burnOut($at, $step, $ready),
            'tumbler' => $this->tumble($at, $step, $ready),
            default => $this->placed[$at] = new Placed(null, $ready, $ready, [], $ready + $step->waits),
        };
    }

    /** When all is done that it waits for; null where some of that has no room. */
    private function ready(PlanStep $step): ?int
    {
        $ready = $this->workload->now;
        foreach ($step->after as $before) {
            if (! isset($this->placed[$before])) {
                return null;
            }
            $ready = max($ready, $this->placed[$before]->done);
        }

        return $ready;
    }

    private function attend(int $at, PlanStep $step, int $ready): void
    {
        if ($step->minutes === 0) {
            $this->placed[$at] = new Placed(null, $ready, $ready, [], $ready + $step->waits);

            return;
        }
        [$by, $pieces] = $this->soonest($at, $step, $ready);
        if ($by === null || $pieces === null) {
            return;
        }
        $this->take($at, $step, $by, $pieces);
    }

    /** @param non-empty-list<array{int, int}> $pieces */
    private function take(int $at, PlanStep $step, int $by, array $pieces): void
    {
        $this->people[$by]->take($pieces);
        $this->hands[$step->job] ??= $by;
        $end = $pieces[count($pieces) - 1][1];
        $this->placed[$at] = new Placed($by, $pieces[0][0], $end, $pieces, $end + $step->waits);
    }

    /** @return array{?int, non-empty-list<array{int, int}>|null} whoever has it done first,
        the first of them where it is one */
    private function soonest(int $at, PlanStep $step, int $ready): array
    {
        $best = [null, null];
        foreach ($this->who($at, $step) as $person) {
            $splits = $step->splits || $step->minutes > $this->prepared->longest[$person];
            $pieces = $this->people[$person]->earliest($ready, $step->minutes, $splits);
            if ($pieces !== null && $pieces !== []
                && ($best[1] === null || $pieces[count($pieces) - 1][1] < $best[1][count($best[1]) - 1][1])) {
                $best = [$person, $pieces];
            }
        }

        return $best;
    }

    /** @return list<int> who may do it: whoever the step or its job names, whoever has the job already, or anybody */
    private function who(int $at, PlanStep $step): array
    {
        $named = $this->prepared->named[$at] ?? ($this->workload->anyHand ? null : $this->hands[$step->job] ?? null);

        return $named === null ? $this->prepared->hands : [$named];
    }

    /** A flask is poured within the time that it is held, so that both are laid down together. */
    private function burnOut(int $at, PlanStep $step, int $ready): void
    {
        $ready = max($ready, $this->choice->late[$at] ?? 0);
        $pour = $this->prepared->pours[$at] ?? null;
        if ($pour === null || isset($this->placed[$pour])) {
            $found = $this->firing->alone($step, $ready, $this->placed[$pour ?? -1] ?? null);
            $found === null ?: $this->placed[$at] = $found;

            return;
        }
        $poured = $this->workload->steps[$pour];
        $best = null;
        foreach ($this->who($pour, $poured) as $person) {
            $found = $this->firing->poured(
                $step, $poured->minutes, $ready, $this->people[$person], $this->choice->rhythmOf($step->job),
            );
            if ($found !== null && ($best === null || $found->pour < $best[1]->pour)) {
                $best = [$person, $found];
            }
        }
        if ($best === null) {
            return;
        }
        $this->placed[$at] = $this->firing->take($step, $best[1]);
        $this->take($pour, $poured, $best[0], [[$best[1]->pour, $best[1]->pour + $poured->minutes]]);
    }

    /** A flask is invested when its burnout asks for it, so that it stands no longer than it may. */
    private function flask(Flask $flask, int $at): void
    {
        $invest = $this->workload->steps[$flask->invest];
        $ready = $this->ready($invest);
        if ($ready === null) {
            return;
        }
        if (isset($this->placed[$flask->burnout])) {
            $this->before($this->placed[$flask->burnout]->start, $flask->invest, $ready);

            return;
        }
        if ($at === $flask->invest) {
            return;
        }
        $best = null;
        foreach ($this->who($flask->pour, $this->workload->steps[$flask->pour]) as $person) {
            $found = $this->standing($flask, $ready, $this->people[$person]);
            if ($found !== null && ($best === null || $found[1]->pour < $best[1][1]->pour)) {
                $best = [$person, $found];
            }
        }
        if ($best === null) {
            return;
        }
        [$person, [$pieces, $run]] = $best;
        $this->take($flask->invest, $invest, $person, $pieces);
        $this->placed[$flask->burnout] = $this->firing->take($this->workload->steps[$flask->burnout], $run);
        $poured = $this->workload->steps[$flask->pour];
        $this->take($flask->pour, $poured, $person, [[$run->pour, $run->pour + $poured->minutes]]);
    }

    /** Invested as late as a burnout that stands already lets it, or as soon as can be. */
    private function before(int $start, int $at, int $ready): void
    {
        $step = $this->workload->steps[$at];
        foreach ($this->who($at, $step) as $person) {
            $pieces = $this->people[$person]->latest($start - $step->waits, $step->minutes, $step->splits);
            if ($pieces !== null && $pieces !== [] && $pieces[0][0] >= $ready) {
                $this->take($at, $step, $person, $pieces);

                return;
            }
        }
        $this->attend($at, $step, $ready);
    }

    /** @return array{non-empty-list<array{int, int}>, FoundRun}|null when it is invested, and its burnout */
    private function standing(Flask $flask, int $ready, Calendar $hands): ?array
    {
        $invest = $this->workload->steps[$flask->invest];
        $burnout = $this->workload->steps[$flask->burnout];
        $most = $invest->standMost ?? PHP_INT_MAX;
        $otherwise = null;
        for ($try = 0; $try < self::TRIES; $try++) {
            $first = $hands->earliest($ready, $invest->minutes, $invest->splits);
            if ($first === null || $first === []) {
                return $otherwise;
            }
            $stood = $first[count($first) - 1][1] + $invest->waits;
            $run = $this->firing->poured(
                $burnout, $this->workload->steps[$flask->pour]->minutes,
                max($stood, $this->choice->late[$flask->burnout] ?? 0), $hands, $this->choice->rhythmOf($burnout->job),
            );
            if ($run === null) {
                return $otherwise;
            }
            $late = $hands->latest($run->start - $invest->waits, $invest->minutes, $invest->splits);
            $pieces = $late !== null && $late !== [] && $late[0][0] >= $first[0][0] ? $late : $first;
            if ($run->start - $pieces[count($pieces) - 1][1] <= $most) {
                return [$pieces, $run];
            }
            // A burnout of the next morning is no good to a flask of the evening: it is invested that morning.
            $otherwise ??= [$pieces, $run];
            $ready = max($ready + 1, $run->start - $most - $invest->minutes);
        }

        return $otherwise;
    }

    private function tumble(int $at, PlanStep $step, int $ready): void
    {
        $best = null;
        foreach ($this->tumblers as $which => $free) {
            $start = $free->earliest($ready, $step->waits)[0][0] ?? null;
            if ($start !== null && ($best === null || $start < $best[1])) {
                $best = [$which, $start];
            }
        }
        if ($best === null) {
            return;
        }
        [$which, $start] = $best;
        $end = $start + $step->waits;
        $this->tumblers[$which]->take([[$start, $end]]);
        $this->placed[$at] = new Placed($which, $start, $end, [], $end);
    }
}
