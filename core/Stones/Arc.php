<?php

declare(strict_types=1);

namespace HotSprue\Stones;

/** A circular arc between two angles of its normal. A point of an outline is one of radius 0. */
final readonly class Arc implements Piece
{
    public function __construct(
        public float $x, public float $y, public float $radius, public float $from, public float $to,
    ) {}

    public function isPoint(): bool
    {
        return $this->radius === 0.0;
    }

    public function turn(): float
    {
        return $this->to - $this->from;
    }

    public function length(float $offset): float
    {
        return ($this->radius + $offset) * $this->turn();
    }

    public function at(float $along, float $offset): array
    {
        $radius = $this->radius + $offset;
        $normal = $radius > 0 ? $this->from + $along / $radius : ($this->from + $this->to) / 2;

        return [$this->x + $radius * cos($normal), $this->y + $radius * sin($normal), $normal];
    }

    public function facing(float $normal, float $offset): ?array
    {
        $radius = $this->radius + $offset;

        return $normal >= $this->from - 1e-12 && $normal <= $this->to + 1e-12 ? [
            $this->x + $radius * cos($normal), $this->y + $radius * sin($normal),
        ] : null;
    }

    public function moments(): array
    {
        [$x, $y, $r] = [$this->x, $this->y, $this->radius];
        $between = fn (callable $f): float => $f($this->to) - $f($this->from);
        $sin = $between(sin(...));
        $cos = $between(cos(...));

        return [
            ($r ** 2 * $this->turn() + $r * ($x * $sin - $y * $cos)) / 2,
            $r / 2 * ($x ** 2 * $sin
                + 2 * $x * $r * $between(static fn (float $a): float => $a / 2 + sin(2 * $a) / 4)
                + $r ** 2 * $between(static fn (float $a): float => sin($a) - sin($a) ** 3 / 3)),
            $r / 2 * (-$y ** 2 * $cos
                + 2 * $y * $r * $between(static fn (float $a): float => $a / 2 - sin(2 * $a) / 4)
                + $r ** 2 * $between(static fn (float $a): float => cos($a) ** 3 / 3 - cos($a))),
        ];
    }

    public function mirrored(): self
    {
        return new self(-$this->x, $this->y, $this->radius, 3 * M_PI - $this->to, 3 * M_PI - $this->from);
    }

    public function moved(float $up, float $right = 0.0): self
    {
        return new self($this->x + $right, $this->y + $up, $this->radius, $this->from, $this->to);
    }
}
