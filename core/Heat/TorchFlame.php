<?php

declare(strict_types=1);

namespace HotSprue\Heat;

use HotSprue\Stock\Torch;

/**
 * A flame over the piece: where it points, mm, how bushy it is, and how far off it is held. Held farther it is wider
 * and weaker. Source: workbook 20, the flame.
 */
final readonly class TorchFlame
{
    /** Metal as far off as this many radii is still in the flame, and outside its middle after one. */
    private const EDGE = 3.0;

    private function __construct(
        public Torch $torch, public float $x, public float $y, public float $radius, private float $strength,
        public bool $isOn,
    ) {}

    /**
     * @param  float  $spread  0 sharp to 1 bushy
     * @param  float  $distance  1 at the distance that is usual, 3 thrice as far
     */
    public static function at(
        Torch $torch, float $x, float $y, float $spread = 1.0, float $distance = 1.0, bool $isOn = true,
    ): self
    {
        $radius = $torch->sharpest() + $spread * ($torch->bushiest() - $torch->sharpest());

        return new self($torch, $x, $y, $radius * $distance, $torch->strength() / ($distance * $distance), $isOn);
    }

    public static function off(Torch $torch = Torch::AirGas): self
    {
        return self::at($torch, 0.0, 0.0, isOn: false);
    }

    /** What it gives a surface there, W/m²K. */
    public function on(float $x, float $y): float
    {
        return $this->isOn
            ? $this->strength * exp(-(($x - $this->x) ** 2 + ($y - $this->y) ** 2) / (2 * $this->radius ** 2))
            : 0.0;
    }

    /** Whether metal there stands in the open part of the flame, where its air reaches the metal. */
    public function isOpenAt(float $x, float $y): bool
    {
        $off = hypot($x - $this->x, $y - $this->y);

        return $this->isOn && $off > $this->radius && $off <= self::EDGE * $this->radius;
    }
}
