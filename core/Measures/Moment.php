<?php

declare(strict_types=1);

namespace HotSprue\Measures;

use DateTimeImmutable;
use DateTimeZone;

/** A date and time of day, ISO 8601, with or without its distance from UTC. */
final class Moment
{
    private const PATTERN = '/^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d)?([+-]\d\d:\d\d|Z)?$/D';

    public static function isOne(string $said): bool
    {
        $moment = preg_match(self::PATTERN, $said) === 1 ? date_create_immutable($said) : false;

        return $moment instanceof DateTimeImmutable && str_starts_with($said, $moment->format('Y-m-d\TH:i'));
    }

    /**
     * What a clock on the wall of that zone says, with its distance from UTC; a moment that has one keeps it.
     * An hour that a change of the clocks leaves out is the one after it; one that comes twice is the first.
     */
    public static function inZone(string $said, DateTimeZone $zone): string
    {
        if (preg_match('/(Z|[+-]\d\d:\d\d)$/', $said) === 1) {
            return $said;
        }
        $moment = new DateTimeImmutable($said, $zone);
        $hourBefore = $moment->setTimestamp($moment->getTimestamp() - 3600);
        $first = $hourBefore->format('H:i') === $moment->format('H:i') ? $hourBefore : $moment;

        return $first->format('Y-m-d\TH:i:sP');
    }

    /** So many minutes later, by the clock that runs on; as it was said, with or without a distance from UTC. */
    public static function later(string $said, float $minutes): string
    {
        $hasOffset = preg_match('/(Z|[+-]\d\d:\d\d)$/', $said) === 1;
        $moved = new DateTimeImmutable($said, new DateTimeZone('UTC'));

        return $moved->modify(
            sprintf('%+d seconds', (int) round($minutes * 60)),
        )->format($hasOffset ? 'Y-m-d\TH:i:sP' : 'Y-m-d\TH:i');
    }

    public static function isBefore(string $one, string $other): bool
    {
        return self::instant($one) < self::instant($other);
    }

    /** The later of two, as it was said. */
    public static function latest(string $one, string $other): string
    {
        return self::isBefore($one, $other) ? $other : $one;
    }

    private static function instant(string $said): DateTimeImmutable
    {
        return new DateTimeImmutable($said, new DateTimeZone('UTC'));
    }
}
