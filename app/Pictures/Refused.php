<?php

declare(strict_types=1);

namespace App\Pictures;

use DomainException;

/** A picture that is not taken; the message says why, and what is accepted. */
final class Refused extends DomainException
{
    public static function notAPicture(): self
    {
        return new self('This is not a picture that can be read; PNG, JPEG and WebP are accepted.');
    }

    public static function tooLarge(): self
    {
        return new self('This is over 25 MB; a picture up to 25 MB is accepted.');
    }

    public static function tooManyPixels(float $megapixels): self
    {
        return new self(
            sprintf('This has %.0f megapixels, or a side over 12,000; up to 10 megapixels are accepted.', $megapixels),
        );
    }
}
