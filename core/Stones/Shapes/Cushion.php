<?php

declare(strict_types=1);

namespace HotSprue\Stones\Shapes;

/** A rectangle with rounded corners. */
final readonly class Cushion extends Cornered
{
    protected function left(float $long, float $wide, float $ratio): array
    {
        return self::cornered($long, $wide, $ratio * $wide, true);
    }

    public function fills(float $slim): float
    {
        return 0.00235;
    }

    public function claws(): array
    {
        return [4 => [45, 135, 225, 315]];
    }

    public function faces(float $long, float $wide, float $ratio): array
    {
        return [90.0, 180.0, 270.0, 360.0];
    }

    public function ratio(): float
    {
        return 0.35;
    }

    public function ratioMeans(): string
    {
        return 'corner radius of a cushion';
    }
}
