<?php

declare(strict_types=1);

namespace HotSprue\Solid;

/** A section across the finger, side by side as they are met; mm and mm². */
final class PatternSection
{
    private float $twice = 0.0;

    private float $round = 0.0;

    /** @var array{float, float} along the finger */
    private array $wide = [INF, -INF];

    /** @var array{float, float} away from it */
    private array $deep = [INF, -INF];

    /**
     * @param  array{float, float}  $from  along the finger, and away from it
     * @param  array{float, float}  $to
     */
    public function add(array $from, array $to): void
    {
        $this->twice += $from[0] * $to[1] - $to[0] * $from[1];
        $this->round += hypot($to[0] - $from[0], $to[1] - $from[1]);
        $this->wide = [min($this->wide[0], $from[0], $to[0]), max($this->wide[1], $from[0], $to[0])];
        $this->deep = [min($this->deep[0], $from[1], $to[1]), max($this->deep[1], $from[1], $to[1])];
    }

    public function isThere(): bool
    {
        return $this->area() > 1e-6;
    }

    public function area(): float
    {
        return abs($this->twice) / 2;
    }

    public function width(): float
    {
        return $this->wide[1] - $this->wide[0];
    }

    public function thickness(): float
    {
        return $this->deep[1] - $this->deep[0];
    }

    /** Area over perimeter, which its freezing goes by. */
    public function modulus(): float
    {
        return $this->area() / $this->round;
    }
}
