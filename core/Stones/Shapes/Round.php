<?php

declare(strict_types=1);

namespace HotSprue\Stones\Shapes;

use HotSprue\Stones\Arc;

/** A circle. */
final readonly class Round extends StoneShape
{
    protected function left(float $long, float $wide, float $ratio): array
    {
        return [new Arc(0.0, 0.0, $wide / 2, M_PI_2, 3 * M_PI_2)];
    }

    public function fills(float $slim): float
    {
        return 0.0018;
    }

    public function claws(): array
    {
        return [
            4 => [45, 135, 225, 315], 3 => [90, 210, 330], 5 => [90, 162, 234, 306, 378],
            6 => [30, 90, 150, 210, 270, 330], 8 => [22.5, 67.5, 112.5, 157.5, 202.5, 247.5, 292.5, 337.5],
        ];
    }

    public function faces(float $long, float $wide, float $ratio): array
    {
        return [];
    }

    public function hasLength(): bool
    {
        return false;
    }
}
