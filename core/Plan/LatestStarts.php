<?php

declare(strict_types=1);

namespace HotSprue\Plan;

use LogicException;

/** How long each job of a plan may wait, whatever else is done by the same hands making way for it. */
final readonly class LatestStarts
{
    public function __construct(private Workload $workload, private Plan $plan) {}

    /**
     * When the first step of a job must start so that its day is kept; burnouts stay where they are planned.
     *
     * @return array{step: int, latest: int}|null null where it has no date, or nothing left
     */
    public function of(int $job): ?array
    {
        $due = $this->workload->jobs[$job]->due;
        if ($due === null || $this->workload->jobs[$job]->steps === [] || ! $this->plan->isWhole($job)) {
            return null;
        }
        $starts = $this->latestStarts($job, max($due, $this->plan->ends[$job]));
        // What goes on already, or stands fast, cannot be begun sooner or later.
        $starts = array_filter(
            $starts, fn (int $at): bool => ! $this->plan->placed[$at]->fixed, ARRAY_FILTER_USE_KEY,
        );
        if ($starts === []) {
            return null;
        }
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
            $placed = $this->plan->placed[$at];
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
        $free = $this->workload->hours[$placed->by]->latest($end, $step->minutes, $step->splits);

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
