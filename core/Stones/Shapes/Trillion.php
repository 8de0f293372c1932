<?php

declare(strict_types=1);

namespace HotSprue\Stones\Shapes;

use HotSprue\Stones\Arc;
use HotSprue\Stones\Straight;

/** Three corners as far apart as it is wide, each side an arc or straight. */
final readonly class Trillion extends StoneShape
{
    protected function left(float $long, float $wide, float $ratio): array
    {
        $sagitta = $ratio * $wide;
        $circum = $wide / sqrt(3);
        [$side, $base] = [5 * M_PI / 6, 3 * M_PI_2];
        if ($sagitta === 0.0) {
            return [
                new Arc(0.0, $circum, 0.0, M_PI_2, $side),
                new Straight(0.0, $circum, -$wide / 2, -$circum / 2),
                new Arc(-$wide / 2, -$circum / 2, 0.0, $side, $base),
                new Straight(-$wide / 2, -$circum / 2, 0.0, -$circum / 2),
            ];
        }
        $radius = ($wide ** 2 / 4 + $sagitta ** 2) / (2 * $sagitta);
        $half = asin($wide / 2 / $radius);
        // The middle of a side's arc lies at its chord's distance and the sagitta from the centre.
        $back = $circum / 2 + $sagitta - $radius;

        return [
            new Arc(0.0, $circum, 0.0, M_PI_2, $side - $half),
            new Arc($back * cos($side), $back * sin($side), $radius, $side - $half, $side + $half),
            new Arc(-$wide / 2, -$circum / 2, 0.0, $side + $half, $base - $half),
            new Arc(0.0, -$back, $radius, $base - $half, $base),
        ];
    }

    public function fills(float $slim): float
    {
        return 0.00165;
    }

    public function claws(): array
    {
        return [3 => []];
    }

    public function faces(float $long, float $wide, float $ratio): array
    {
        return [150.0, 270.0, 390.0];
    }

    public function ratio(): float
    {
        return 0.10;
    }

    public function ratioMeans(): string
    {
        return 'sagitta of a trillion';
    }

    public function mostRatio(): float
    {
        return 0.25;
    }

    public function hasLength(): bool
    {
        return false;
    }
}
