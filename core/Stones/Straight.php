<?php

declare(strict_types=1);

namespace HotSprue\Stones;

/** A straight side. */
final readonly class Straight implements Piece
{
    public function __construct(public float $x1, public float $y1, public float $x2, public float $y2) {}

    public function length(float $offset): float
    {
        return hypot($this->x2 - $this->x1, $this->y2 - $this->y1);
    }

    public function at(float $along, float $offset): array
    {
        $long = $this->length(0.0);
        [$dx, $dy] = [($this->x2 - $this->x1) / $long, ($this->y2 - $this->y1) / $long];

        return [$this->x1 + $dx * $along + $dy * $offset, $this->y1 + $dy * $along - $dx * $offset, atan2(-$dx, $dy)];
    }

    public function facing(float $normal, float $offset): ?array
    {
        [$x, $y, $own] = $this->at($this->length(0.0) / 2, $offset);

        return abs(sin(($normal - $own) / 2)) < 1e-9 ? [$x, $y] : null;
    }

    public function moments(): array
    {
        [$x1, $y1, $x2, $y2] = [$this->x1, $this->y1, $this->x2, $this->y2];

        return [
            ($x1 * $y2 - $x2 * $y1) / 2,
            ($y2 - $y1) * ($x1 ** 2 + $x1 * $x2 + $x2 ** 2) / 6,
            -($x2 - $x1) * ($y1 ** 2 + $y1 * $y2 + $y2 ** 2) / 6,
        ];
    }

    public function mirrored(): self
    {
        return new self(-$this->x2, $this->y2, -$this->x1, $this->y1);
    }

    public function moved(float $up, float $right = 0.0): self
    {
        return new self($this->x1 + $right, $this->y1 + $up, $this->x2 + $right, $this->y2 + $up);
    }
}
