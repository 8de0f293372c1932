<?php

declare(strict_types=1);

namespace Tests\Support;

/** Girth and area of a stone's girdle by the geometry that workbook 3 gives each shape, beside the core's outlines. */
final readonly class Girdle
{
    private function __construct(public float $perimeter, public float $area) {}

    public static function of(string $shape, float $length, float $width): self
    {
        return match ($shape) {
            'round' => new self(M_PI * $width, M_PI * $width ** 2 / 4),
            'oval' => new self(self::ellipse($length / 2, $width / 2), M_PI * $length * $width / 4),
            'marquise' => self::bows($length, $width / 2, 2, 0.0),
            'pear' => self::pear($length, $width),
            'cushion' => new self(
                2 * ($length + $width) + (2 * M_PI - 8) * 0.35 * $width,
                $length * $width - (4 - M_PI) * (0.35 * $width) ** 2,
            ),
            'octagon' => new self(
                2 * ($length + $width) + (4 * M_SQRT2 - 8) * 0.18 * $width, $length * $width - 2 * (0.18 * $width) ** 2,
            ),
            'rectangle' => new self(2 * ($length + $width), $length * $width),
            'trillion' => self::bows($width, 0.1 * $width, 3, sqrt(3) / 4 * $width ** 2),
            default => throw new \InvalidArgumentException($shape),
        };
    }

    /** So many bows, each a chord and its rise, round a plane figure. */
    private static function bows(float $chord, float $rise, int $count, float $inside): self
    {
        $radius = ($chord ** 2 / 4 + $rise ** 2) / (2 * $rise);
        $half = asin($chord / 2 / $radius);

        return new self(
            $count * 2 * $radius * $half, $inside + $count * $radius ** 2 * ($half - sin($half) * cos($half)),
        );
    }

    /** Half a circle, and two arcs that leave it along the long axis and meet at the point. */
    private static function pear(float $length, float $width): self
    {
        $high = $length - $width / 2;
        $radius = ($high ** 2 + $width ** 2 / 4) / $width;
        $turn = atan2($high, $radius - $width / 2);

        return new self(
            M_PI * $width / 2 + 2 * $radius * $turn,
            M_PI * $width ** 2 / 8 + $radius ** 2 * $turn - ($radius - $width / 2) * $high,
        );
    }

    private static function ellipse(float $long, float $short): float
    {
        // Simpson's rule over a quarter.
        [$sum, $steps] = [0.0, 2000];
        for ($at = 0; $at <= $steps; $at++) {
            $angle = M_PI / 2 * $at / $steps;
            $sum += ($at === 0 || $at === $steps ? 1 : ($at % 2 === 1 ? 4 : 2)) * hypot(
                $long * sin($angle), $short * cos($angle),
            );
        }

        return 4 * $sum * M_PI / 2 / $steps / 3;
    }
}
