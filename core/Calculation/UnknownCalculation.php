<?php

declare(strict_types=1);

namespace HotSprue\Calculation;

use OutOfBoundsException;

final class UnknownCalculation extends OutOfBoundsException
{
    /** @param list<string> $known */
    public static function named(string $name, array $known): self
    {
        return new self(sprintf('There is no sheet “%s”; there are %s.', $name, implode(', ', $known)));
    }
}
