<?php

declare(strict_types=1);

namespace HotSprue\Plan;

/** What no plan can be better than: each job as if it were the only one. Source: workbook 15, best plan. */
final readonly class Bounds
{
    /** @param array<int, int> $ends of each job alone, minutes since 1970 */
    private function __construct(private Workload $workload, public array $ends) {}

    public static function of(Workload $workload, Prepared $prepared): self
    {
        $ends = [];
        foreach ($workload->jobs as $at => $job) {
            $alone = $workload->only([$at]);
            $best = PHP_INT_MAX;
            $hands = $job->person === null && ! $workload->anyHand ? $prepared->hands : [];
            foreach ($hands === [] ? [null] : $hands as $person) {
                $who = $person === null ? [] : [$at => $person];
                $best = min($best, Scheduler::place($alone, new Choice($job->steps, $who), $prepared)->ends[$at]);
            }
            $ends[$at] = $best;
        }

        return new self($workload, $ends);
    }

    /** Weighted minutes late of one job, at least. */
    public function late(int $job): float
    {
        $own = $this->workload->jobs[$job];

        return $own->due === null ? 0.0 : $own->weight * max(0, $this->ends[$job] - $own->due);
    }
}
