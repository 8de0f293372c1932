<?php

declare(strict_types=1);

namespace HotSprue\Plan;

/** Orders in which steps can be laid down, each after those that it waits for. */
final readonly class Orders
{
    /** @var array<int, int> minutes from the start of a step to the end of its job, by step */
    private array $tails;

    public function __construct(private Workload $workload)
    {
        $tails = [];
        foreach ($workload->jobs as $job) {
            foreach (array_reverse($job->steps) as $at) {
                $own = $workload->steps[$at]->minutes + $workload->steps[$at]->waits;
                $tails[$at] = $own + ($tails[$at] ?? 0);
                foreach ($workload->steps[$at]->after as $before) {
                    $tails[$before] = max($tails[$before] ?? 0, $tails[$at]);
                }
            }
        }
        $this->tails = $tails;
    }

    /** @return list<int> job by job, whichever must start first */
    public function byLatestStart(): array
    {
        return $this->jobByJob(fn (PlanJob $job): int => $this->due($job) - max([0, ...array_map(
            fn (int $step): int => $this->tails[$step], $job->steps,
        )]));
    }

    /** @return list<int> job by job, whichever is due first */
    public function byDay(): array
    {
        return $this->jobByJob($this->due(...));
    }

    /** @return list<int> every step by when it must start, whatever its job */
    public function stepByStep(): array
    {
        $keys = [];
        foreach ($this->workload->jobs as $job) {
            foreach ($job->steps as $step) {
                $keys[$step] = $this->due($job) - $this->tails[$step];
            }
        }
        // Those of one job stand in their order, and equal ones keep it.
        asort($keys);

        return array_keys($keys);
    }

    /**
     * @param  list<string>  $names  of jobs; those that are not named come after them
     * @return list<int>
     */
    public function of(array $names): array
    {
        $at = array_flip($names);

        return $this->jobByJob(fn (PlanJob $job): int => $at[$job->id] ?? PHP_INT_MAX);
    }

    /**
     * @param  list<int>  $order
     * @return list<int> the same with one job before all others
     */
    public function first(array $order, int $job): array
    {
        $own = $this->workload->jobs[$job]->steps;

        return [...$own, ...array_values(array_diff($order, $own))];
    }

    /**
     * @param  list<int>  $order
     * @return list<int> the same with one job laid down right before another begins
     */
    public function before(array $order, int $job, int $other): array
    {
        $own = $this->workload->jobs[$job]->steps;
        $rest = array_values(array_diff($order, $own));
        $firstOfOther = $this->workload->jobs[$other]->steps[0] ?? null;
        $at = (int) array_search($firstOfOther, $rest, true);

        return [...array_slice($rest, 0, $at), ...$own, ...array_slice($rest, $at)];
    }

    /**
     * @param  list<int>  $order
     * @return list<int> jobs as they come in it
     */
    public function jobsIn(array $order): array
    {
        return array_values(array_unique(array_map(
            fn (int $step): int => $this->workload->steps[$step]->job, $order,
        )));
    }

    /** @return iterable<list<int>> every order there is */
    public function every(): iterable
    {
        yield from $this->after([], array_values(array_map(
            static fn (PlanJob $job): array => $job->steps, $this->workload->jobs,
        )));
    }

    /**
     * @param  list<int>  $order
     * @param  list<list<int>>  $left  steps of each job
     * @return iterable<list<int>>
     */
    private function after(array $order, array $left): iterable
    {
        $isDone = true;
        foreach ($left as $job => $steps) {
            foreach ($steps as $at => $step) {
                if (array_diff($this->workload->steps[$step]->after, $order) !== []) {
                    continue;
                }
                $isDone = false;
                $rest = $left;
                array_splice($rest[$job], $at, 1);
                yield from $this->after([...$order, $step], $rest);
            }
        }
        if ($isDone) {
            yield $order;
        }
    }

    /**
     * @param  callable(PlanJob): int  $key
     * @return list<int>
     */
    private function jobByJob(callable $key): array
    {
        $keys = array_map($key, $this->workload->jobs);
        asort($keys);
        $order = [];
        foreach (array_keys($keys) as $job) {
            array_push($order, ...$this->workload->jobs[$job]->steps);
        }

        return $order;
    }

    /** A job without a date comes after those that have one. */
    private function due(PlanJob $job): int
    {
        return $job->due ?? 2 * $this->workload->horizon - $this->workload->now;
    }
}
