<?php

declare(strict_types=1);

namespace HotSprue\Casting;

use DomainException;

/** A step that may not be done yet. */
final class StepRefused extends DomainException
{
    public static function before(CastingStep $missing): self
    {
        return new self(sprintf('“%s” comes before it.', $missing->done()));
    }

    public static function unsafe(): self
    {
        return new self('Tick the safety list before the torch is lit.');
    }
}
