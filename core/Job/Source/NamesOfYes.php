<?php

declare(strict_types=1);

namespace HotSprue\Job\Source;

use HotSprue\Job\JobAnswers;

/** The names of those decisions that are yes. */
final readonly class NamesOfYes extends Source
{
    /** @param array<string, string> $paths name => path of the decision */
    public function __construct(public array $paths) {}

    /** @return list<string>|null */
    public function value(JobAnswers $job): ?array
    {
        $yes = array_filter($this->paths, static fn (string $path): bool => $job->document->decision($path) === true);

        return array_keys($yes) ?: null;
    }
}
