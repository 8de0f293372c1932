<?php

declare(strict_types=1);

namespace HotSprue\Job\Source;

use HotSprue\Fields\Origin;
use HotSprue\Job\JobAnswers;

/** The first of several sources that gives something. */
final readonly class FirstOf extends Source
{
    /** @param non-empty-list<Source> $sources */
    public function __construct(public array $sources) {}

    public function value(JobAnswers $job): mixed
    {
        foreach ($this->sources as $source) {
            $value = $source->value($job);
            if ($value !== null) {
                return $value;
            }
        }

        return null;
    }

    public function origin(): Origin
    {
        return Origin::Reckoned;
    }

    public function path(JobAnswers $job): ?string
    {
        return ($this->giving($job) ?? $this->sources[0])->path($job);
    }

    private function giving(JobAnswers $job): ?Source
    {
        foreach ($this->sources as $source) {
            if ($source->value($job) !== null) {
                return $source;
            }
        }

        return null;
    }
}
