<?php

declare(strict_types=1);

namespace HotSprue\Plan;

/** A job as the plan takes it. */
final readonly class PlanJob
{
    /**
     * @param  ?int  $due  the minute at which its day is past; null of a job without a date
     * @param  list<int>  $steps  places in the workload, each after those that it waits for
     */
    public function __construct(
        public string $id, public string $title, public ?int $due, public float $weight, public ?string $person,
        public array $steps,
    ) {}
}
