<?php

declare(strict_types=1);

namespace HotSprue\Stones\Shapes;

use HotSprue\Stones\Arc;
use HotSprue\Stones\Outline;

/** Half a circle and two arcs tangent to it that meet at the point. */
final readonly class Pear extends StoneShape
{
    protected function left(float $long, float $wide, float $ratio): array
    {
        $high = $long - $wide / 2;
        $radius = ($wide ** 2 / 4 + $high ** 2) / $wide;
        $half = asin($high / $radius);

        return [
            new Arc(0.0, $high, 0.0, M_PI_2, M_PI - $half),
            new Arc($radius - $wide / 2, 0.0, $radius, M_PI - $half, M_PI),
            new Arc(0.0, 0.0, $wide / 2, M_PI, 3 * M_PI_2),
        ];
    }

    public function fills(float $slim): float
    {
        return 0.00175;
    }

    public function claws(): array
    {
        return [3 => [225, 315], 5 => [180, 240, 300, 360]];
    }

    public function faces(float $long, float $wide, float $ratio): array
    {
        return [];
    }

    public function refuses(float $long, float $wide, float $ratio): ?string
    {
        return $long <= $wide ? 'A pear is longer than it is wide; a length over the width is accepted.' : null;
    }

    /** Its sides are nearest above the middle of their arcs, beside the centroid. */
    public function sides(Outline $outline, float $ratio): array
    {
        [$x, $y, $radius] = $outline->arc(1);

        return array_fill(0, 2, $radius - hypot($x, $y));
    }
}
