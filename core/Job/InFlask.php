<?php

declare(strict_types=1);

namespace HotSprue\Job;

/** The flask of a casting run that a job's pattern stands in, and what stands in it besides. Lengths in mm. */
final readonly class InFlask
{
    /**
     * @param  float  $others  volume of the other jobs' patterns with their sprues, mm³
     * @param  ?string  $invested  when it was invested
     * @param  bool  $fired  whether the kiln has been switched on
     * @param  ?float  $water  ml to 100 g of powder, where another job of the flask has said it first
     */
    public function __construct(
        public float $diameter,
        public float $height,
        public float $others,
        public ?string $invested = null,
        public bool $fired = false,
        public ?float $water = null,
        public ?float $overage = null,
    ) {}
}
