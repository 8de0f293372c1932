<?php

declare(strict_types=1);

namespace HotSprue\Stones\Shapes;

/** Two short sides and two long ones, its long point at the top. */
final readonly class Kite extends Cornerwise
{
    protected function corners(float $long, float $wide, float $ratio): array
    {
        return [[0.0, $long * (1 - $ratio)], [-$wide / 2, 0.0], [0.0, -$long * $ratio]];
    }

    protected function share(float $slim): float
    {
        return 0.5;
    }

    public function claws(): array
    {
        return [4 => []];
    }

    public function ratio(): float
    {
        return 0.35;
    }

    public function ratioMeans(): string
    {
        return 'place of a kite’s widest part, of its length from the short end';
    }
}
