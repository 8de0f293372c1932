<?php

declare(strict_types=1);

namespace HotSprue\Solid;

/** What a pattern that was read measures; mm, mm² and mm³. Source: workbook 19, in. */
final readonly class PatternFacts
{
    /**
     * @param  array{float, float, float}  $size  along x, y and z
     * @param  ?float  $bore  what goes through it along the finger; null where nothing of a finger’s width does
     * @param  ?PatternSections  $sections  round that bore
     */
    public function __construct(
        public int $triangles, public float $volume, public float $surface, public array $size,
        public ?float $bore = null, public ?PatternSections $sections = null,
    ) {}

    public function round(PatternBore $bore): self
    {
        return new self(
            $this->triangles, $this->volume, $this->surface, $this->size, $bore->diameter(), $bore->sections(),
        );
    }

    /** Volume over surface, which its freezing goes by. */
    public function modulus(): float
    {
        return $this->volume / $this->surface;
    }

    /** As a ring lies: along the finger it is least, across and tall as it stands. */
    public function along(): float
    {
        return min($this->size);
    }

    public function across(): float
    {
        $sorted = $this->size;
        sort($sorted);

        return $sorted[1];
    }

    public function tall(): float
    {
        return max($this->size);
    }

    /** The same, larger or smaller every way. */
    public function scaled(float $by): self
    {
        return new self($this->triangles, $this->volume * $by ** 3, $this->surface * $by ** 2, [
            $this->size[0] * $by, $this->size[1] * $by, $this->size[2] * $by,
        ], $this->bore === null ? null : $this->bore * $by, $this->sections?->scaled($by));
    }
}
