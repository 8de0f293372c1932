<?php

declare(strict_types=1);

namespace HotSprue\Form;

use DomainException;

/** A cross-section that cannot be cut; `field` is the measure to change. */
final class ImpossibleSection extends DomainException
{
    private function __construct(public readonly string $field, string $message)
    {
        parent::__construct($message);
    }

    public static function riseOverHalfWidth(string $field, float $most): self
    {
        return new self(
            $field, sprintf('A court’s dome cannot rise over half the width; up to %.3g mm is accepted.', $most),
        );
    }

    public static function risesOverThickness(float $thickness): self
    {
        return new self(
            'rise_outside',
            sprintf('The two domes are higher than the ring is thick; together up to %.3g mm is accepted.', $thickness),
        );
    }

    public static function edgeOverThickness(float $thickness): self
    {
        return new self(
            'edge', sprintf('A knife’s edge must be lower than its thickness; under %.3g mm is accepted.', $thickness),
        );
    }
}
