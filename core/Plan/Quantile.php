<?php

declare(strict_types=1);

namespace HotSprue\Plan;

/** How many standard deviations cover a share of what falls as usual, from below. */
final class Quantile
{
    private const ABOVE = [
        -39.6968302866538, 220.946098424521, -275.928510446969, 138.357751867269, -30.6647980661472, 2.50662827745924,
    ];

    private const BELOW = [
        -54.4760987982241, 161.585836858041, -155.698979859887, 66.8013118877197, -13.2806815528857, 1.0,
    ];

    /** A quotient of two polynomials; to nine digits between 0.03 and 0.97. */
    public static function of(float $share): float
    {
        $from = $share - 0.5;
        $square = $from * $from;
        $sum = static fn (array $of): float => array_reduce(
            $of, static fn (float $sum, float $one): float => $sum * $square + $one, 0.0,
        );

        return $sum(self::ABOVE) * $from / $sum(self::BELOW);
    }
}
