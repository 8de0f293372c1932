<?php

declare(strict_types=1);

namespace HotSprue\Stones\Shapes;

/** Six corners: a point at each end, and two sides along its length. */
final readonly class Hexagon extends Cornerwise
{
    protected function corners(float $long, float $wide, float $ratio): array
    {
        $shoulder = $long / 2 - $ratio * $wide;

        return [[0.0, $long / 2], [-$wide / 2, $shoulder], [-$wide / 2, -$shoulder], [0.0, -$long / 2]];
    }

    /** A box less the four corners cut off by its points, of the usual height. */
    protected function share(float $slim): float
    {
        return 1 - $this->ratio() / $slim;
    }

    public function claws(): array
    {
        return [6 => []];
    }

    /** Regular, as far as its length lets it be. */
    public function ratio(): float
    {
        return 0.2887;
    }

    public function ratioMeans(): string
    {
        return 'height of a hexagon’s points';
    }
}
