<?php

declare(strict_types=1);

namespace HotSprue\Plan;

/**
 * Steps laid down, and what that comes to: weighted lateness first, then flasks that go dry, then burnouts,
     then the sum
 * of ends.
 */
final readonly class Plan
{
    /** @var array<int, int> when each job ends,
        by its place; the end of the horizon and its steps where it has no room */
    public array $ends;

    /** @var array{float, int, int, int} weighted minutes late, flasks that stand too long, burnouts,
        minutes to all ends */
    public array $score;

    /**
     * @param  array<int, Placed>  $placed  by step
     * @param  list<Run>  $runs
     * @param  array<int, int>  $hands  whose each job is
     */
    public function __construct(
        private Workload $workload, public array $placed, public array $runs, public array $hands,
    ) {
        $late = 0.0;
        $ends = [];
        $sum = 0;
        foreach ($workload->jobs as $at => $job) {
            $ends[$at] = $this->end($job);
            $sum += $ends[$at] - $workload->now;
            $late += $job->due === null ? 0.0 : $job->weight * max(0, $ends[$at] - $job->due);
        }
        $this->ends = $ends;
        $this->score = [$late, $this->dry(), count($runs), $sum];
    }

    public function isBetterThan(self $other): bool
    {
        return ($this->score <=> $other->score) < 0;
    }

    public function lateness(int $job): int
    {
        $due = $this->workload->jobs[$job]->due;

        return $due === null ? 0 : max(0, $this->ends[$job] - $due);
    }

    public function isWhole(int $job): bool
    {
        foreach ($this->workload->jobs[$job]->steps as $step) {
            if (! isset($this->placed[$step])) {
                return false;
            }
        }

        return true;
    }

    /** Whether a flask stands longer before this burnout than its school allows. */
    public function isDry(int $burnout): bool
    {
        $step = $this->workload->steps[$burnout];
        foreach ($step->isBurnout() && isset($this->placed[$burnout]) ? $step->after : [] as $before) {
            $most = $this->workload->steps[$before]->standMost;
            if ($most !== null && isset($this->placed[$before])
                && $this->placed[$burnout]->start - $this->placed[$before]->end > $most) {
                return true;
            }
        }

        return false;
    }

    private function dry(): int
    {
        return count(array_filter(array_keys($this->placed), $this->isDry(...)));
    }

    private function end(PlanJob $job): int
    {
        $end = $this->workload->now;
        $missing = null;
        foreach ($job->steps as $step) {
            $placed = $this->placed[$step] ?? null;
            if ($placed === null) {
                $missing = ($missing ?? $this->workload->horizon) + $this->workload->steps[$step]->minutes;
            } else {
                $end = max($end, $placed->done);
            }
        }

        return max($end, $missing ?? 0);
    }
}
