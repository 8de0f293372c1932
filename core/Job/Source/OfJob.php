<?php

declare(strict_types=1);

namespace HotSprue\Job\Source;

use Closure;
use HotSprue\Job\JobAnswers;

/** What follows from several things that a job says of the row in hand. */
final readonly class OfJob extends Source
{
    /** @param Closure(JobAnswers): mixed $of */
    public function __construct(private Closure $of) {}

    public function value(JobAnswers $job): mixed
    {
        return ($this->of)($job);
    }
}
