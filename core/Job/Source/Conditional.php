<?php

declare(strict_types=1);

namespace HotSprue\Job\Source;

use Closure;
use HotSprue\Fields\Origin;
use HotSprue\Job\JobAnswers;

/** A source that is asked only where something else is so. */
final readonly class Conditional extends Source
{
    /**
     * @param  Closure(JobAnswers): bool  $isAsked
     * @param  string  $by  the decision or reading that it goes by
     */
    public function __construct(public Source $source, private Closure $isAsked, public string $by) {}

    public function value(JobAnswers $job): mixed
    {
        return ($this->isAsked)($job) ? $this->source->value($job) : null;
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
