<?php

declare(strict_types=1);

namespace HotSprue\Form;

/** A ring's outline seen along the finger, about the middle of its bore; lengths in mm. Source: workbook 2, tapers. */
final readonly class SideOutline
{
    public function __construct(public float $bore, public float $top, public float $base) {}

    /** From the middle of the bore to the outside, at an angle from the top. */
    public function radius(float $theta): float
    {
        return $this->bore / 2 + $this->base + ($this->top - $this->base) * (1 + cos($theta)) / 2;
    }

    /** How far it reaches to a side: of a ring thick on top, above the middle of the bore. */
    public function halfWidth(): float
    {
        [$mean, $swell] = [$this->bore / 2 + ($this->top + $this->base) / 2, ($this->top - $this->base) / 2];
        if (abs($swell) < 1e-12) {
            return $mean;
        }
        // (mean + swell × cos θ) × sin θ is greatest where 2 × swell × cos² θ + mean × cos θ = swell.
        $cos = (-$mean + sqrt($mean ** 2 + 8 * $swell ** 2)) / (4 * $swell);

        return ($mean + $swell * $cos) * sqrt(1 - $cos ** 2);
    }
}
