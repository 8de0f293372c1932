<?php

declare(strict_types=1);

namespace HotSprue\Stones\Shapes;

/** Four sharp corners. */
final readonly class Rectangle extends Cornered
{
    protected function left(float $long, float $wide, float $ratio): array
    {
        return self::cornered($long, $wide, 0.0, false);
    }

    public function fills(float $slim): float
    {
        return 0.0024;
    }

    public function claws(): array
    {
        return [4 => []];
    }

    public function faces(float $long, float $wide, float $ratio): array
    {
        return [90.0, 180.0, 270.0, 360.0];
    }

    public function isScored(): bool
    {
        return true;
    }
}
