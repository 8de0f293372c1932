<?php

declare(strict_types=1);

namespace HotSprue\Stones\Shapes;

use HotSprue\Stones\Arc;
use HotSprue\Stones\Straight;

/** A straight side along its length, on the right, and an arc over it. */
final readonly class HalfMoon extends StoneShape
{
    public function pieces(float $long, float $wide, float $ratio): array
    {
        $radius = ($long ** 2 / 4 + $wide ** 2) / (2 * $wide);
        $half = asin(min(1.0, $long / 2 / $radius));

        return array_values(array_filter([
            new Arc(0.0, $long / 2, 0.0, M_PI_2, M_PI - $half),
            new Arc($radius - $wide, 0.0, $radius, M_PI - $half, M_PI + $half),
            new Arc(0.0, -$long / 2, 0.0, M_PI + $half, 2 * M_PI),
            new Straight(0.0, -$long / 2, 0.0, $long / 2),
            new Arc(0.0, $long / 2, 0.0, 2 * M_PI, 5 * M_PI_2),
        ], static fn (Arc|Straight $piece): bool => $piece->length(1.0) > 1e-12));
    }

    public function isMirrored(): bool
    {
        return false;
    }

    public function fills(float $slim): float
    {
        return 0.0024 * self::share($slim);
    }

    /** Area of a circular segment over its box. */
    private static function share(float $slim): float
    {
        $radius = ($slim ** 2 / 4 + 1) / 2;
        $half = asin(min(1.0, $slim / 2 / $radius));

        return ($radius ** 2 * ($half - sin($half) * cos($half))) / $slim;
    }

    public function claws(): array
    {
        return [3 => [180], 4 => [150, 210]];
    }

    public function faces(float $long, float $wide, float $ratio): array
    {
        return [360.0];
    }

    public function refuses(float $long, float $wide, float $ratio): ?string
    {
        return $long < 2 * $wide
            ? 'A half-moon is half a circle at most; a length of twice the width or more is accepted.' : null;
    }
}
