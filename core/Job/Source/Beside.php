<?php

declare(strict_types=1);

namespace HotSprue\Job\Source;

use HotSprue\Fields\Origin;
use HotSprue\Job\JobAnswers;

/** What a source gives for the setting that the one in hand sits beside. */
final readonly class Beside extends Source
{
    public function __construct(public Source $source) {}

    public function value(JobAnswers $job): mixed
    {
        $beside = $job->setting()->beside();

        return $beside === null ? null : $this->source->value($beside);
    }

    public function origin(): Origin
    {
        return $this->source->origin();
    }

    public function path(JobAnswers $job): ?string
    {
        $beside = $job->setting()->beside();

        return $beside === null ? null : $this->source->path($beside);
    }
}
