<?php

declare(strict_types=1);

namespace HotSprue\Job\Source;

use HotSprue\Job\JobAnswers;

/** What is so on every job. */
final readonly class Fixed extends Source
{
    public function __construct(private string|bool|float $value) {}

    public function value(JobAnswers $job): string|bool|float
    {
        return $this->value;
    }
}
