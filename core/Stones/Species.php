<?php

declare(strict_types=1);

namespace HotSprue\Stones;

use HotSprue\Workshop\WorkshopSettings;

/** What a stone is, and what it stands: y yes, c with care, n no. */
final readonly class Species
{
    private function __construct(
        public string $name,
        public string $label,
        public float $mohs,
        public float $gravity,
        public string $torch,
        public string $ultrasonic,
        public string $steam,
        public string $pickle,
        public bool $boron,
        public float $kiln = 0.0,
    ) {}

    public static function named(string $name, WorkshopSettings $settings): self
    {
        return new self(...array_values($settings->row('stock.species', $name)));
    }

    /** How it stands a step: y, c or n. */
    public function stands(string $step): string
    {
        return match ($step) {
            'torch' => $this->torch,
            'ultrasonic' => $this->ultrasonic,
            'steam' => $this->steam,
            'pickle' => $this->pickle,
            // A coat or flux of boron etches these; the rest are judged by the heat that goes with it.
            'boron' => $this->boron ? 'n' : $this->torch,
            'wheel' => $this->name === 'diamond' ? 'y' : ($this->mohs < 7 ? 'n' : 'c'),
            default => 'y',
        };
    }
}
