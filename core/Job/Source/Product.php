<?php

declare(strict_types=1);

namespace HotSprue\Job\Source;

use HotSprue\Job\JobAnswers;

/** Two sources multiplied; nothing where one gives no number. */
final readonly class Product extends Source
{
    public function __construct(public Source $first, public Source $second) {}

    public function value(JobAnswers $job): mixed
    {
        [$first, $second] = [$this->first->value($job), $this->second->value($job)];

        return is_numeric($first) && is_numeric($second) ? $first * $second : null;
    }

    public function wants(JobAnswers $job): ?array
    {
        return $this->first->wants($job);
    }
}
