<?php

declare(strict_types=1);

namespace Tests\Support;

/**
 * A shank's section cut into thin slices, and summed: slow and plain, beside the exact shapes of the core.
 * Widths at a height above the finger side as workbook 2 draws them.
 */
final readonly class Slices
{
    private const COUNT = 1200;

    private function __construct(public float $area, public float $centroid, public float $perimeter) {}

    /** @param array{edge?: float, rise_inside?: float, rise_outside?: float} $more */
    public static function of(string $profile, float $width, float $thickness, array $more = []): self
    {
        $half = self::halfWidth($profile, $width, $thickness, $more);
        // Finer near both faces, where a dome turns over.
        $heights = array_map(
            static fn (int $at): float => $thickness * (1 - cos(M_PI * $at / self::COUNT)) / 2, range(0, self::COUNT),
        );
        [$area, $moment, $round] = [0.0, 0.0, $half(0.0) + $half($thickness)];
        for ($at = 1; $at <= self::COUNT; $at++) {
            [$low, $high] = [$heights[$at - 1], $heights[$at]];
            $middle = ($low + $high) / 2;
            // Simpson's rule, both halves of the width.
            $slice = ($half($low) + 4 * $half($middle) + $half($high)) / 3 * ($high - $low);
            $area += $slice;
            $moment += $slice * $middle;
            $round += hypot($high - $low, $half($high) - $half($low));
        }

        return new self($area, $moment / $area, 2 * $round);
    }

    /**
     * @param  array{edge?: float, rise_inside?: float, rise_outside?: float}  $more
     * @return \Closure(float): float
     */
    private static function halfWidth(string $profile, float $width, float $thickness, array $more): \Closure
    {
        // The half chord of a circle through a chord and its rise, at a depth below the crown.
        $dome = static function (float $rise, float $below) use ($width): float {
            $radius = ($width ** 2 / 4 + $rise ** 2) / (2 * $rise);

            return sqrt(max(0.0, $radius ** 2 - ($radius - $below) ** 2));
        };
        if ($profile === 'half-round') {
            return $thickness <= $width / 2
                ? static fn (float $y): float => $dome($thickness, $thickness - $y)
                : static fn (float $y): float => $width / 2 * sqrt(max(0.0, 1 - ($y / $thickness) ** 2));
        }
        if ($profile === 'round') {
            return static fn (float $y): float => $width / 2 * sqrt(max(0.0, 1 - (2 * $y / $thickness - 1) ** 2));
        }
        if ($profile === 'knife') {
            $edge = $more['edge'] ?? 0.0;

            return static fn (float $y): float => $width / 2 * ($y <= $edge ? 1.0
                : ($thickness - $y) / ($thickness - $edge));
        }
        if ($profile === 'court') {
            [$inside, $outside] = [
                $more['rise_inside'] ?? 0.12 * $thickness, $more['rise_outside'] ?? 0.35 * $thickness,
            ];

            return static fn (float $y): float => $y < $inside
                ? $dome($inside, $y)
                : ($y > $thickness - $outside ? $dome($outside, $thickness - $y) : $width / 2);
        }

        return static fn (): float => $width / 2;
    }
}
