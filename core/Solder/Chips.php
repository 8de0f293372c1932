<?php

declare(strict_types=1);

namespace HotSprue\Solder;

use HotSprue\Rules\Rules;

/** Chips for a joint: what fills its gap, and one more. Volumes in mm³. Source: workbook 12, advice. */
final readonly class Chips
{
    private function __construct(public float $joint, public float $chip, public int $count) {}

    public static function of(float $length, float $section, float $gap, Rules $rules): self
    {
        $joint = $length * $section * $gap;
        $chip = $rules->num('solder.chip') ** 2 * $rules->num('solder.chip_thickness');

        return new self($joint, $chip, (int) ceil($joint / $chip - 1e-9) + 1);
    }
}
