<?php

declare(strict_types=1);

namespace HotSprue\Plan;

/** A flask’s way through the fire, by its steps: invested, burnt out and poured, which are laid down together. */
final readonly class Flask
{
    public function __construct(public int $invest, public int $burnout, public int $pour) {}

    /**
     * Those whose invested flask waits for nothing but its burnout, by that step and by their burnout.
     *
     * @param  array<int, int>  $pours  the pour that follows a burnout
     * @return array<int, self>
     */
    public static function in(Workload $workload, array $pours): array
    {
        $followers = array_count_values(array_merge([], ...array_map(
            static fn (PlanStep $step): array => $step->after, $workload->steps,
        )));
        $flasks = [];
        foreach ($pours as $burnout => $pour) {
            $invest = $workload->steps[$burnout]->after[0] ?? null;
            if ($invest !== null && count($workload->steps[$burnout]->after) === 1 && $followers[$invest] === 1
                && $workload->steps[$invest]->resource === 'person' && $workload->steps[$invest]->minutes > 0) {
                $flasks[$invest] = $flasks[$burnout] = new self($invest, $burnout, $pour);
            }
        }

        return $flasks;
    }
}
