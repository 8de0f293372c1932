<?php

declare(strict_types=1);

namespace HotSprue\Stones;

use DomainException;

/** Measures that no outline of that shape has. */
final class ImpossibleOutline extends DomainException
{
    private function __construct(public readonly string $field, string $message)
    {
        parent::__construct($message);
    }

    /** @throws self */
    public static function unlessPossible(Shape $shape, float $long, float $wide, float $ratio): void
    {
        $parts = $shape->parts();
        $refused = $parts->refuses($long, $wide, $ratio);
        if ($refused !== null) {
            throw new self('length', $refused);
        }
        if ($parts->hasLength() && $long < $wide) {
            throw new self('length', 'The length is the longer measure; a length of the width or more is accepted.');
        }
        if ($ratio > $parts->mostRatio()) {
            throw new self(
                'ratio',
                sprintf(
                    'No %s has such corners; a share of the width up to %g is accepted.', $shape->value,
                    $parts->mostRatio(),
                ),
            );
        }
    }
}
