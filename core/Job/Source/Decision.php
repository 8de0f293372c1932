<?php

declare(strict_types=1);

namespace HotSprue\Job\Source;

use HotSprue\Fields\Origin;
use HotSprue\Job\JobAnswers;

/** A decision by its path. */
final readonly class Decision extends Source
{
    public function __construct(public string $path) {}

    public function value(JobAnswers $job): mixed
    {
        return $job->document->decision($this->path);
    }

    public function origin(): Origin
    {
        return Origin::Typed;
    }

    public function path(JobAnswers $job): string
    {
        return $this->path;
    }
}
