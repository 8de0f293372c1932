<?php

declare(strict_types=1);

namespace HotSprue\Measures;

use DomainException;

/** What a person typed could not be read; the message says what is wrong and what is accepted. */
final class NotUnderstood extends DomainException
{
    public static function notA(Quantity $quantity, string $typed): self
    {
        return new self(
            sprintf('“%s” is not understood; %s is accepted.', self::excerpt($typed), $quantity->accepts()),
        );
    }

    public static function ambiguousUnit(Quantity $quantity, string $unit): self
    {
        return new self(
            sprintf('“%s” means different things to different people; %s is accepted.', $unit, $quantity->accepts()),
        );
    }

    public static function unknownUnit(Quantity $quantity, string $unit): self
    {
        return new self(
            sprintf('The unit “%s” is not known here; %s is accepted.', self::excerpt($unit), $quantity->accepts()),
        );
    }

    public static function size(string $typed, string $accepted): self
    {
        return new self(sprintf('“%s” is not a size; %s is accepted.', self::excerpt($typed), $accepted));
    }

    private static function excerpt(string $typed): string
    {
        return mb_strlen($typed) > 40 ? mb_substr($typed, 0, 40).'…' : $typed;
    }
}
