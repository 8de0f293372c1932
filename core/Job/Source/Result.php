<?php

declare(strict_types=1);

namespace HotSprue\Job\Source;

use HotSprue\Job\JobAnswers;

/** A result of another use of a calculation; that is reckoned first. */
final readonly class Result extends Source
{
    public function __construct(public string $use, public string $name) {}

    public function value(JobAnswers $job): mixed
    {
        return $job->value($this->use, $this->name);
    }

    public function wants(JobAnswers $job): array
    {
        return $job->wants($this->use) ?: array_keys($job->errors($this->use)) ?: [$this->use];
    }
}
