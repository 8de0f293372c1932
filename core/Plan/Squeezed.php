<?php

declare(strict_types=1);

namespace HotSprue\Plan;

/** A new job put among those that are promised already, so that it ends soon and none of them later than its day. */
final readonly class Squeezed
{
    /**
     * @param  list<int>  $sequence  the others, in their order
     * @param  list<int>  $order  their steps
     */
    private function __construct(
        private Workload $workload, private Prepared $prepared, private int $job, private PlanSearch $others,
        private array $sequence, private array $order,
    ) {}

    /** @param list<string> $before jobs in the order of an earlier plan */
    public static function in(Workload $workload, Prepared $prepared, int $job, array $before): Plan
    {
        $others = $workload->only(array_values(array_diff(array_keys($workload->jobs), [$job])));
        $search = PlanSearch::best($others, $prepared, $before, isQuick: true);
        $order = $search->choice()->order;
        $own = new self($workload, $prepared, $job, $search, (new Orders($others))->jobsIn($order), $order);
        // Behind all others it is in nobody's way; from there it moves up by halves, as far as they allow.
        [$low, $high] = [0, count($own->sequence)];
        $best = $own->at($high);
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            $found = $own->at($middle);
            if ($found === null) {
                $low = $middle + 1;

                continue;
            }
            $high = $middle;
            $best = $best === null || $found->ends[$job] < $best->ends[$job] ? $found : $best;
        }

        return $best ?? Scheduler::place($workload, new Choice($own->order(count($own->sequence))), $prepared);
    }

    /** The best with the job in that place; null where another would be late for it. */
    private function at(int $place): ?Plan
    {
        $best = null;
        foreach ($this->choices($this->others->choice()->ordered($this->order($place))) as $choice) {
            $plan = Scheduler::place($this->workload, $choice, $this->prepared);
            if ($this->isFair($plan) && ($best === null || $plan->ends[$this->job] < $best->ends[$this->job])) {
                $best = $plan;
            }
        }

        return $best;
    }

    /** @return list<int> */
    private function order(int $place): array
    {
        $all = [...$this->order, ...$this->workload->jobs[$this->job]->steps];

        return isset($this->sequence[$place])
            ? (new Orders($this->workload))->before($all, $this->job, $this->sequence[$place]) : $all;
    }

    /** @return list<Choice> by each hand that may do it */
    private function choices(Choice $choice): array
    {
        return $this->workload->anyHand || $this->workload->jobs[$this->job]->person !== null
            || $this->prepared->hands === []
            ? [$choice]
            : array_map(fn (int $person): Choice => $choice->handing($this->job, $person), $this->prepared->hands);
    }

    private function isFair(Plan $plan): bool
    {
        foreach ($this->sequence as $job) {
            if ($plan->lateness($job) > $this->others->plan()->lateness($job)) {
                return false;
            }
        }

        return true;
    }
}
