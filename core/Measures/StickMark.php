<?php

declare(strict_types=1);

namespace HotSprue\Measures;

/** A mark on a ring stick, and how far it is from the exact size (mark − exact, mm of circumference). */
final readonly class StickMark
{
    public function __construct(public Scale $scale, public string $label, public float $offMm) {}

    /** As one says it: `US 7`, or `US 7 and a hair` where the exact size lies off the mark. */
    public function spoken(): string
    {
        $said = $this->scale->short().' '.$this->label;

        return match (true) {
            abs($this->offMm) < 0.05 => $said,
            $this->offMm < 0 => $said.' and a hair',
            default => $said.' less a hair',
        };
    }

    /** @return array{scale: string, label: string, off_mm: float} */
    public function toArray(): array
    {
        return ['scale' => $this->scale->value, 'label' => $this->label, 'off_mm' => $this->offMm];
    }
}
