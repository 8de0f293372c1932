<?php

declare(strict_types=1);

namespace HotSprue\Job\Source;

use Closure;
use HotSprue\Job\JobAnswers;
use HotSprue\Job\Surroundings;

/** What is so of a job outside its document: its flask in a run, the clock, its client's metal. */
final readonly class Outside extends Source
{
    /** @param Closure(Surroundings): mixed $of */
    public function __construct(private Closure $of, private mixed $otherwise = null) {}

    public function value(JobAnswers $job): mixed
    {
        return ($this->of)($job->surroundings) ?? $this->otherwise;
    }
}
