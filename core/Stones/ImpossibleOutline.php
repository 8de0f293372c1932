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
        if ($shape === Shape::Pear && $long <= $wide) {
            throw new self('length', 'A pear is longer than it is wide; a length over the width is accepted.');
        }
        if ($shape->hasLength() && $long < $wide) {
            throw new self('length', 'The length is the longer measure; a length of the width or more is accepted.');
        }
        if ($ratio > $shape->mostRatio()) {
            throw new self(
                'ratio',
                sprintf(
                    'No %s has such corners; a share of the width up to %g is accepted.', $shape->value,
                    $shape->mostRatio(),
                ),
            );
        }
    }
}
