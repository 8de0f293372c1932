<?php

declare(strict_types=1);

namespace HotSprue\Job\Source;

use HotSprue\Fields\Origin;
use HotSprue\Job\JobAnswers;

/** One figure of the row in hand: of the setting and its stone, the wax on the bench, the last casting. */
final readonly class Reading extends Source
{
    public function __construct(public string $group, public string $name) {}

    public function value(JobAnswers $job): mixed
    {
        return $job->row($this->group)[$this->name]['value'] ?? null;
    }

    public function origin(): Origin
    {
        return $this->group === 'settings' ? Origin::Typed : Origin::Measured;
    }

    public function path(JobAnswers $job): string
    {
        return $job->document->rowPath($this->group, $job->inHand($this->group), $this->name);
    }
}
