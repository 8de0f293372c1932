<?php

declare(strict_types=1);

namespace HotSprue\Stones\Shapes;

use HotSprue\Stones\Arc;

/** Two arcs that meet at two points. */
final readonly class Marquise extends StoneShape
{
    protected function left(float $long, float $wide, float $ratio): array
    {
        $radius = ($long ** 2 + $wide ** 2) / (4 * $wide);
        // As wide as it is long, its two arcs are the halves of a circle.
        $half = asin(min(1.0, $long / 2 / $radius));

        return [
            new Arc(0.0, $long / 2, 0.0, M_PI_2, M_PI - $half),
            new Arc($radius - $wide / 2, 0.0, $radius, M_PI - $half, M_PI + $half),
            new Arc(0.0, -$long / 2, 0.0, M_PI + $half, 3 * M_PI_2),
        ];
    }

    public function fills(float $slim): float
    {
        return 0.0016;
    }

    public function claws(): array
    {
        return [4 => [180, 360], 6 => [160, 200, 340, 380]];
    }

    public function faces(float $long, float $wide, float $ratio): array
    {
        return [180.0, 360.0];
    }
}
