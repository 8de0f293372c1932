<?php

declare(strict_types=1);

namespace HotSprue\Stones\Shapes;

/** A rectangle with its corners cut. */
final readonly class Octagon extends Cornered
{
    private const FILLS = [[1.0, 0.0023], [1.5, 0.0026], [2.0, 0.0028], [2.5, 0.0030]];

    protected function left(float $long, float $wide, float $ratio): array
    {
        return self::cornered($long, $wide, $ratio * $wide, false);
    }

    /** By length over width, interpolated. */
    public function fills(float $slim): float
    {
        [$from, $factor] = self::FILLS[0];
        foreach (array_slice(self::FILLS, 1) as [$at, $known]) {
            if ($slim <= $at) {
                return $factor + ($known - $factor) * ($slim - $from) / max(1e-9, $at - $from);
            }
            [$from, $factor] = [$at, $known];
        }

        return $factor;
    }

    public function claws(): array
    {
        return [4 => [45, 135, 225, 315]];
    }

    public function faces(float $long, float $wide, float $ratio): array
    {
        return [90.0, 135.0, 180.0, 225.0, 270.0, 315.0, 360.0, 405.0];
    }

    public function ratio(): float
    {
        return 0.18;
    }

    public function ratioMeans(): string
    {
        return 'corner cut of an octagon';
    }

    public function isScored(): bool
    {
        return true;
    }

    /** Its corners are cut: each is held in the middle of its cut. */
    public function hasClawsAtPoints(): bool
    {
        return false;
    }
}
