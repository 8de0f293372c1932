<?php

declare(strict_types=1);

namespace HotSprue\Job\Source;

use Closure;
use HotSprue\Fields\Origin;
use HotSprue\Job\JobAnswers;

/** What a source gives, in another unit or form. */
final readonly class Changed extends Source
{
    /** @param Closure(mixed): mixed $change */
    public function __construct(public Source $source, private Closure $change) {}

    public function value(JobAnswers $job): mixed
    {
        $value = $this->source->value($job);

        return $value === null ? null : ($this->change)($value);
    }

    public function origin(): Origin
    {
        return $this->source->origin();
    }

    public function path(JobAnswers $job): ?string
    {
        return $this->source->path($job);
    }

    public function wants(JobAnswers $job): ?array
    {
        return $this->source->wants($job);
    }
}
