<?php

declare(strict_types=1);

namespace HotSprue\Stones;

/** A part of a convex outline, gone along counter-clockwise; mm and radians. An offset is outward. */
interface Piece
{
    /** Length of its true parallel at an offset. */
    public function length(float $offset): float;

    /** @return array{float, float, float} x, y and the angle of the outward normal, so far along its parallel */
    public function at(float $along, float $offset): array;

    /** @return array{float, float}|null where its parallel faces this way, an angle from π/2 up to 5π/2 */
    public function facing(float $normal, float $offset): ?array;

    /** @return array{float, float, float} its part of ∮: area, and the first moments ∫x dA and ∫y dA */
    public function moments(): array;

    /** The same on the other side of the y axis. */
    public function mirrored(): self;

    public function moved(float $up, float $right = 0.0): self;
}
