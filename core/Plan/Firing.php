<?php

declare(strict_types=1);

namespace HotSprue\Plan;

/**
 * The kilns of a plan: one programme at a time, flasks of one class together, somebody in the house unless it may burn
 * alone, and hands free for the pour while the flask is held. Source: workbook 15, the plan.
 */
final class Firing
{
    /** Places tried for one burnout before it is said to have no room. */
    private const TRIES = 400;

    private const DAY = 1440;

    /** @var array<int, Run> */
    private array $runs = [];

    /** @var list<Calendar> */
    private array $kilns;

    private readonly int $longestHouse;

    public function __construct(private readonly Workload $workload, private readonly Calendar $house)
    {
        // What was switched on yesterday still takes its kiln.
        $all = [[$workload->now - 10_080, $workload->horizon]];
        $this->kilns = array_map(static fn (): Calendar => Calendar::of($all), $workload->kilns);
        $this->longestHouse = $house->longest();
    }

    /** @return list<Run> */
    public function runs(): array
    {
        return array_values($this->runs);
    }

    public function fixed(PlanStep $step, int $start, int $kiln): Placed
    {
        foreach ($this->runs as $at => $run) {
            if ($run->kiln === $kiln && $run->start === $start) {
                return $this->take($step, new FoundRun($kiln, $start, 0, $at), true);
            }
        }

        return $this->take($step, new FoundRun($kiln, $start, 0), true);
    }

    /** A burnout that no pour follows, or one whose pour is fixed: as near before that as it can be. */
    public function alone(PlanStep $step, int $ready, ?Placed $pour): ?Placed
    {
        $best = null;
        foreach (array_keys($this->workload->kilns) as $kiln) {
            $wanted = $pour === null ? $ready : max($ready, $pour->start - $step->waits);
            $start = $this->start($kiln, $step, $wanted) ?? null;
            if ($start !== null && ($best === null || $start < $best->start)) {
                $best = new FoundRun($kiln, $start, 0);
            }
        }

        return $best === null ? null : $this->take($step, $best);
    }

    /**
     * The soonest that a flask is burnt out and poured: in a burnout that is planned already, where it need not wait
     * for longer than the rhythm, or in one of its own on the next day of the rhythm.
     */
    public function poured(PlanStep $step, int $minutes, int $ready, Calendar $hands, int $rhythm): ?FoundRun
    {
        $shared = $this->shared($step, $minutes, $ready, $hands);
        $best = null;
        foreach (array_keys($this->workload->kilns) as $kiln) {
            $found = $this->own($kiln, $step, $minutes, $this->next($ready, $rhythm), $hands);
            if ($found !== null && ($best === null || $found->pour < $best->pour)) {
                $best = $found;
            }
        }

        return $shared !== null && ($best === null || $shared->pour <= $best->pour + self::DAY * (
            $rhythm - 1)) ? $shared : $best;
    }

    public function take(PlanStep $step, FoundRun $found, bool $isFixed = false): Placed
    {
        if ($found->joins !== null) {
            $run = $this->runs[$found->joins]->with($step);
            $this->runs[$found->joins] = $run;
        } else {
            $run = new Run(
                $found->kiln, $found->start, $found->start + $step->waits, $step->programme, $step->pourAt,
                $step->flasks, [$step->job],
            );
            $this->runs[] = $run;
            isset($this->kilns[$found->kiln])
                && $this->kilns[$found->kiln]->take([[$run->start, $run->end + $this->workload->held]]);
        }

        return new Placed($run->kiln, $run->start, $run->end, [], $run->end, $isFixed);
    }

    /** The next day on which a kiln is switched on, counted from the plan’s first. */
    private function next(int $ready, int $rhythm): int
    {
        $day = intdiv($ready - $this->workload->now, self::DAY);

        return $day % $rhythm === 0 ? $ready
            : $this->workload->now + self::DAY * $rhythm * (intdiv($day, $rhythm) + 1);
    }

    private function shared(PlanStep $step, int $minutes, int $ready, Calendar $hands): ?FoundRun
    {
        $best = null;
        foreach ($this->runs as $at => $run) {
            if ($run->start < $ready || ! isset($this->workload->kilns[$run->kiln])
                || ! $run->suits($step, $this->workload->kilns[$run->kiln]->flasks, $this->workload->fall)) {
                continue;
            }
            $pour = $hands->earliest($run->end, $minutes)[0][0] ?? null;
            if ($pour !== null && $pour <= $run->end + $this->workload->held && $pour < ($best->pour ?? PHP_INT_MAX)) {
                $best = new FoundRun($run->kiln, $run->start, $pour, $at);
            }
        }

        return $best;
    }

    private function own(int $kiln, PlanStep $step, int $minutes, int $ready, Calendar $hands): ?FoundRun
    {
        if ($step->flasks > $this->workload->kilns[$kiln]->flasks) {
            return null;
        }
        $held = $this->workload->held;
        for ($try = 0; $try < self::TRIES; $try++) {
            $start = $this->start($kiln, $step, $ready);
            $pour = $start === null ? null : $hands->earliest($start + $step->waits, $minutes)[0][0] ?? null;
            if ($start === null || $pour === null) {
                return null;
            }
            if ($pour <= $start + $step->waits + $held) {
                // It is switched on no sooner than its pour asks for.
                $later = $pour - $step->waits;

                return new FoundRun($kiln, $this->start($kiln, $step, $later) === $later ? $later : $start, $pour);
            }
            $ready = max($ready + 1, $pour - $step->waits - $held);
        }

        return null;
    }

    /** The first minute from which a kiln is free for a programme and its hold,
        with somebody in the house if need be. */
    private function start(int $kiln, PlanStep $step, int $ready): ?int
    {
        for ($try = 0; $try < self::TRIES; $try++) {
            $start = $this->kilns[$kiln]->earliest($ready, $step->waits + $this->workload->held)[0][0] ?? null;
            // Where no day is long enough for it, it burns alone, and the plan says so.
            if ($start === null || $this->workload->kilns[$kiln]->alone || $step->waits > $this->longestHouse) {
                return $start;
            }
            $attended = $this->house->earliest($start, $step->waits)[0][0] ?? null;
            if ($attended === $start || $attended === null) {
                return $attended;
            }
            $ready = $attended;
        }

        return null;
    }
}
