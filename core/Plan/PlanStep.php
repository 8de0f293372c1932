<?php

declare(strict_types=1);

namespace HotSprue\Plan;

/** A step as the plan takes it, in whole minutes. Steps name one another by their place in the workload. */
final readonly class PlanStep
{
    /**
     * @param  string  $resource  person, kiln, tumbler or nobody
     * @param  list<int>  $after
     * @param  ?string  $programme  class of a burnout: others of the same may share its kiln
     * @param  ?float  $pourAt  °C at which its flask is poured
     */
    public function __construct(
        public int $job, public string $id, public string $name, public string $station, public int $minutes,
        public int $waits, public string $resource, public array $after, public bool $splits, public ?string $person,
        public ?string $programme, public ?float $pourAt, public int $flasks, public ?int $standMost,
    ) {}

    public function isBurnout(): bool
    {
        return $this->resource === 'kiln';
    }
}
