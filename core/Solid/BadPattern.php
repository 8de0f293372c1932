<?php

declare(strict_types=1);

namespace HotSprue\Solid;

use RuntimeException;

/** Why a file of triangles can stand for no pattern, as somebody reads it who can mend it. */
final class BadPattern extends RuntimeException
{
    public static function notRead(string $what): self
    {
        return new self("This is no file of a pattern that can be read: {$what}. STL and 3MF are.");
    }

    public static function cutShort(int $promised, int $found): self
    {
        return new self(sprintf(
            'The file is cut short: it promises %s triangles and has %s. Save it anew.', number_format($promised),
            number_format($found),
        ));
    }

    public static function tooMany(int $most): self
    {
        return new self(sprintf(
            'It has over %s triangles. Save it coarser: a chord of 0.01 mm is finer than a bench works.',
            number_format($most),
        ));
    }

    public static function notANumber(): self
    {
        return new self('A corner of a triangle lies nowhere: its place is no number. Save it anew.');
    }

    public static function open(int $edges): self
    {
        return new self(sprintf(
            'The pattern is not closed: %s of its edges have a triangle on one side only. Close it where it was drawn.',
            number_format($edges),
        ));
    }

    public static function noVolume(): self
    {
        return new self('It encloses no volume: it is a sheet, or its bodies face one another. Give it thickness.');
    }

    public static function insideOut(): self
    {
        return new self('The pattern is inside out: its triangles face inward. Turn them where it was drawn.');
    }

    public static function inInches(float $largest): self
    {
        return new self(sprintf(
            'It is only %.2f mm at its largest: it was drawn in inches, perhaps. Save it in millimetres.', $largest,
        ));
    }

    public static function tooLarge(float $largest): self
    {
        return new self(sprintf(
            'It is %.0f mm at its largest, which no flask holds. Save it in millimetres.', $largest,
        ));
    }
}
