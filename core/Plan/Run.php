<?php

declare(strict_types=1);

namespace HotSprue\Plan;

/** A burnout in the plan: one programme, its flasks all loaded at its start. Minutes since 1970. */
final readonly class Run
{
    /** @param list<int> $jobs */
    public function __construct(
        public int $kiln, public int $start, public int $end, public ?string $programme, public ?float $pourAt,
        public int $flasks, public array $jobs,
    ) {}

    public function with(PlanStep $burnout): self
    {
        return new self(
            $this->kiln, $this->start, $this->end, $this->programme, $this->pourAt, $this->flasks + $burnout->flasks,
            [...$this->jobs, $burnout->job],
        );
    }

    /** Whether a flask of another job may burn out in it: one class of programme, and pouring within a fall of it. */
    public function suits(PlanStep $burnout, int $room, float $fall): bool
    {
        return $this->flasks + $burnout->flasks <= $room && $burnout->programme === $this->programme
            && $burnout->waits <= $this->end - $this->start
            && abs(($burnout->pourAt ?? 0.0) - ($this->pourAt ?? 0.0)) <= $fall;
    }
}
