<?php

declare(strict_types=1);

namespace HotSprue\Job;

use DomainException;

/** Somebody else changed the same path first; both values are held. */
final class Conflict extends DomainException
{
    /** @param non-empty-list<array{path: string, from: mixed, to: mixed, present: mixed}> $clashes */
    public function __construct(public readonly array $clashes)
    {
        parent::__construct(sprintf('%s was changed meanwhile.', implode(', ', array_column($clashes, 'path'))));
    }
}
