<?php

declare(strict_types=1);

namespace HotSprue\Solder;

use HotSprue\Workshop\WorkshopSettings;

/** Chips for a joint: what fills its gap, and one more. Volumes in mm³. Source: workbook 12, advice. */
final readonly class Chips
{
    private function __construct(public float $joint, public float $chip, public int $count) {}

    public static function of(float $length, float $section, float $gap, WorkshopSettings $settings): self
    {
        $joint = $length * $section * $gap;
        $chip = $settings->num('solder.chip') ** 2 * $settings->num('solder.chip_thickness');

        return new self($joint, $chip, (int) ceil($joint / $chip - 1e-9) + 1);
    }
}
