<?php

declare(strict_types=1);

namespace HotSprue\Plan;

/** What a job waits for from now until it ends, in minutes that add up to it: work, waits, others' work, nights. */
final readonly class Binding
{
    /** What a wait is told as. */
    private const WAITS = [
        'look' => 'the client thinks it over', 'invest' => 'the flask stands', 'burnout' => 'the burnout',
        'tumble' => 'the tumbler runs',
    ];

    /** @return list<array{what: string, minutes: float}> the longest first */
    public static function of(Workload $workload, Plan $plan, int $job): array
    {
        $minutes = [];
        $add = static function (string $what, int $long) use (&$minutes): void {
            $minutes[$what] = ($minutes[$what] ?? 0) + $long;
        };
        $chain = self::chain($workload, $plan, $job);
        $from = $workload->now;
        foreach ($chain as $at) {
            $step = $workload->steps[$at];
            $placed = $plan->placed[$at];
            self::before($workload, $step, $placed, $from, $add);
            $worked = array_sum(array_map(static fn (array $piece): int => $piece[1] - $piece[0], $placed->pieces));
            $add('work at the bench', $worked);
            $add('nights, breaks and days off', $step->resource === 'person'
                ? $placed->end - $placed->start - $worked : 0);
            $add(self::WAITS[$step->id] ?? 'pickle, cooling and the like',
                $placed->done - ($step->resource === 'person' ? $placed->end : $placed->start));
            $from = $placed->done;
        }
        arsort($minutes);

        return array_values(array_map(
            static fn (string $what, int $long): array => ['what' => $what, 'minutes' => (float) $long],
            array_keys(array_filter($minutes)), array_values(array_filter($minutes)),
        ));
    }

    /**
     * Between one step and the next.
     *
     * @param  callable(string, int): void  $add
     */
    private static function before(Workload $workload, PlanStep $step, Placed $placed, int $from, callable $add): void
    {
        $gap = max(0, $placed->start - $from);
        if ($placed->by === null || $step->resource !== 'person') {
            $add($step->isBurnout() ? 'the kiln, and hands for its pour' : 'the tumbler', $gap);

            return;
        }
        $hours = 0;
        foreach ($workload->hours[$placed->by]->intervals() as [$opens, $shuts]) {
            $hours += max(0, min($shuts, $placed->start) - max($opens, $from));
        }
        $add("{$workload->names[$placed->by]} has other work", $hours);
        $add('nights, breaks and days off', $gap - $hours);
    }

    /** @return list<int> the steps that make it as long as it is, the first of them first */
    private static function chain(Workload $workload, Plan $plan, int $job): array
    {
        $last = null;
        foreach ($workload->jobs[$job]->steps as $step) {
            $last = $last === null || $plan->placed[$step]->done >= $plan->placed[$last]->done ? $step : $last;
        }
        $chain = [];
        while ($last !== null) {
            array_unshift($chain, $last);
            $before = $workload->steps[$last]->after;
            usort($before, static fn (int $a, int $b): int => $plan->placed[$b]->done <=> $plan->placed[$a]->done);
            $last = $before[0] ?? null;
        }

        return $chain;
    }
}
