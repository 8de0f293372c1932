<?php

declare(strict_types=1);

namespace HotSprue\Time;

/** One step of a job: minutes that somebody stands at it, then minutes that it waits by itself. */
final readonly class Step
{
    /**
     * @param  string  $resource  whom or what it needs: person, kiln, tumbler or nobody
     * @param  list<string>  $after  steps that are done before
     * @param  bool  $splittable  whether it may be laid down over a break or a night
     */
    public function __construct(
        public string $id, public string $station, public string $name, public float $attended, public float $waits,
        public string $resource, public array $after, public bool $splittable,
    ) {}

    /** @param list<string> $after */
    public function following(array $after): self
    {
        return new self(
            $this->id, $this->station, $this->name, $this->attended, $this->waits, $this->resource, $after,
            $this->splittable,
        );
    }

    public function taking(float $minutes): self
    {
        return new self(
            $this->id, $this->station, $this->name, $minutes, $this->waits, $this->resource, $this->after,
            $this->splittable,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'id' => $this->id, 'name' => $this->name, 'station' => $this->station, 'attended_min' => $this->attended,
            'wait_min' => $this->waits, 'resource' => $this->resource, 'after' => $this->after,
            'splittable' => $this->splittable,
        ];
    }
}
