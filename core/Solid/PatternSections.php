<?php

declare(strict_types=1);

namespace HotSprue\Solid;

/**
 * A ring's sections across the finger: on top, where its head is or where it is heaviest, and at its base; and the
 * moduli of the heaviest and of its base, area over perimeter. All in mm. Source: workbook 19, in.
 */
final readonly class PatternSections
{
    public function __construct(
        public float $width, public float $thickness, public float $widthBase, public float $thicknessBase,
        public float $modulus, public float $modulusBase,
    ) {}

    public static function of(PatternSection $top, PatternSection $base, PatternSection ...$sides): self
    {
        return new self(
            $top->width(), $top->thickness(), $base->width(), $base->thickness(),
            max(array_map(static fn (PatternSection $one): float => $one->modulus(), [$top, $base, ...$sides])),
            $base->modulus(),
        );
    }

    /** The same, larger or smaller every way. */
    public function scaled(float $by): self
    {
        return new self(
            $this->width * $by, $this->thickness * $by, $this->widthBase * $by, $this->thicknessBase * $by,
            $this->modulus * $by, $this->modulusBase * $by,
        );
    }
}
