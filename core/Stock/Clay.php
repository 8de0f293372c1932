<?php

declare(strict_types=1);

namespace HotSprue\Stock;

use HotSprue\Fields\WorkshopFigures;

/** One sort of metal clay of the workshop's list. °C, minutes, °C a minute; shrinkage in parts of 1. */
final readonly class Clay
{
    private function __construct(
        public string $label,
        public string $alloy,
        public float $shrinkage,
        public float $fire,
        public float $minutes,
        public float $climb,
        public bool $carbon,
    ) {}

    public static function named(string $name, WorkshopFigures $settings): self
    {
        $row = $settings->row('stock.clays', $name);

        return new self(
            $row['label'], $row['alloy'], (float) $row['shrinkage'], (float) $row['fire_c'], (float) $row['fire_min'],
            (float) $row['climb'], $row['carbon'] ?? false,
        );
    }
}
