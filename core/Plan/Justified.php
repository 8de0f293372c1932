<?php

declare(strict_types=1);

namespace HotSprue\Plan;

use LogicException;

/** A plan with what need not be early put later, and how long the rest of it may wait. */
final readonly class Justified
{
    /** @param array<int, Placed> $placed by step */
    private function __construct(private Workload $workload, public Plan $plan, public array $placed) {}

    /** A flask is invested no sooner than its burnout asks for: what stands on goes dry. */
    public static function of(Workload $workload, Plan $plan): self
    {
        $placed = $plan->placed;
        foreach ($workload->steps as $at => $step) {
            $burnout = $placed[$at] ?? null;
            $before = count($step->after) === 1 ? $step->after[0] : null;
            $invested = $before === null ? null : $placed[$before] ?? null;
            if (! $step->isBurnout() || $burnout === null || $invested === null || $invested->fixed
                || $invested->by === null || $invested->done >= $burnout->start) {
                continue;
            }
            $waits = $workload->steps[$before]->waits;
            $free = $plan->people[$invested->by];
            $pieces = $free->latest(
                $burnout->start - $waits, $workload->steps[$before]->minutes, $workload->steps[$before]->splits,
            );
            if ($pieces !== null && $pieces !== [] && $pieces[0][0] > $invested->start) {
                $free->take($pieces);
                $end = $pieces[count($pieces) - 1][1];
                $placed[$before] = new Placed($invested->by, $pieces[0][0], $end, $pieces, $end + $waits);
            }
        }

        return new self($workload, $plan, $placed);
    }

    /**
     * When the first step of a job must start so that its day is kept, all else staying as it is planned.
     *
     * @return array{step: int, latest: int}|null null where it has no date, or nothing left
     */
    public function mustStart(int $job): ?array
    {
        $due = $this->workload->jobs[$job]->due;
        if ($due === null || $this->workload->jobs[$job]->steps === [] || ! $this->plan->isWhole($job)) {
            return null;
        }
        $starts = $this->latestStarts($job, max($due, $this->plan->ends[$job]));
        asort($starts);
        $step = array_key_first($starts);

        return ['step' => $step, 'latest' => $starts[$step]];
    }

    /** @return non-empty-array<int, int> by step, backwards from the end */
    private function latestStarts(int $job, int $due): array
    {
        $limits = $starts = [];
        foreach (array_reverse($this->workload->jobs[$job]->steps) as $at) {
            $step = $this->workload->steps[$at];
            $placed = $this->placed[$at];
            $end = max($placed->end, ($limits[$at] ?? $due) - ($step->isBurnout() ? 0 : $step->waits));
            $starts[$at] = $this->latestStart($step, $placed, $end);
            foreach ($step->after as $before) {
                $limits[$before] = min($limits[$before] ?? PHP_INT_MAX, $starts[$at]);
            }
        }

        return $starts === [] ? throw new LogicException('a job without steps') : $starts;
    }

    private function latestStart(PlanStep $step, Placed $placed, int $end): int
    {
        // Burnouts stay where they are, and a pour with them: its flask is held no longer.
        if ($placed->fixed || in_array($step->resource, ['kiln', 'tumbler'], true) || $this->isPour($step)) {
            return $placed->start;
        }
        if ($placed->by === null) {
            return $end;
        }
        $free = $this->plan->people[$placed->by]->latest($end, $step->minutes, $step->splits);

        return max($placed->start, $free[0][0] ?? $placed->start);
    }

    private function isPour(PlanStep $step): bool
    {
        foreach ($step->after as $before) {
            if ($this->workload->steps[$before]->isBurnout()) {
                return true;
            }
        }

        return false;
    }
}
