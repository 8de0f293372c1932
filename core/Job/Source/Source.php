<?php

declare(strict_types=1);

namespace HotSprue\Job\Source;

use HotSprue\Fields\Origin;
use HotSprue\Job\JobAnswers;

/** Where an input of a calculation comes from on a job. */
abstract readonly class Source
{
    /** What it gives on this job; null where it gives nothing, and the next source is asked. */
    abstract public function value(JobAnswers $job): mixed;

    public function origin(): Origin
    {
        return Origin::Reckoned;
    }

    /** The path that an edit of it changes. */
    public function path(JobAnswers $job): ?string
    {
        return null;
    }

    /**
     * What is to be given so that it gives something; null where nobody can be asked for it.
     *
     * @return list<string>|null
     */
    public function wants(JobAnswers $job): ?array
    {
        $path = $this->path($job);

        return $path === null ? null : [$path];
    }

    /** Not where this decision or reading (group.name) has been made. */
    final public function unless(string $path): self
    {
        return new Conditional($this, static fn (JobAnswers $job): bool => ! $job->isMade($path), $path);
    }

    /** Only where this decision says so. */
    final public function onlyFor(string $path, string $value): self
    {
        return new Conditional(
            $this, static fn (JobAnswers $job): bool => $job->document->decision($path) === $value, $path,
        );
    }

    /** Only for a setting that is made in one of these ways. */
    final public function madeAs(string ...$ways): self
    {
        return new Conditional(
            $this, static fn (JobAnswers $job): bool => in_array($job->setting()->made(), $ways, true), 'settings.made',
        );
    }

    /** For every stone that the setting in hand holds. */
    final public function forEveryStone(): self
    {
        return new Product($this, new OfJob(static fn (JobAnswers $job): int => $job->setting()->count()));
    }

    final public function times(float $factor): self
    {
        return new Changed($this, static fn (mixed $value): mixed => is_numeric($value) ? $value * $factor : $value);
    }

    /** As a list of one. */
    final public function listed(): self
    {
        return new Changed($this, static fn (mixed $value): mixed => [$value]);
    }

    /** With what another gives; nothing where that gives nothing. */
    final public function plus(self $other): self
    {
        return new Sum($this, $other);
    }
}
