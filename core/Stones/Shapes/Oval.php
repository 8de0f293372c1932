<?php

declare(strict_types=1);

namespace HotSprue\Stones\Shapes;

use HotSprue\Stones\Arc;
use HotSprue\Stones\HalfEllipse;

/** An ellipse. */
final readonly class Oval extends StoneShape
{
    protected function left(float $long, float $wide, float $ratio): array
    {
        return $long === $wide
            ? [new Arc(0.0, 0.0, $wide / 2, M_PI_2, 3 * M_PI_2)]
            : [new HalfEllipse($wide / 2, $long / 2)];
    }

    public function fills(float $slim): float
    {
        return 0.0020;
    }

    public function claws(): array
    {
        return [4 => [45, 135, 225, 315], 6 => [45, 135, 180, 225, 315, 360]];
    }

    public function faces(float $long, float $wide, float $ratio): array
    {
        return [];
    }
}
