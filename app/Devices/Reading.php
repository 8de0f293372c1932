<?php

declare(strict_types=1);

namespace App\Devices;

/** What an instrument shows: a figure in its unit (g or mm), and whether it has settled. */
final readonly class Reading
{
    public function __construct(
        public float $value, public string $unit, public bool $stable, public bool $simulated,
    ) {}

    /** @return array{value: float, unit: string, stable: bool, simulated: bool} */
    public function toArray(): array
    {
        return [
            'value' => $this->value, 'unit' => $this->unit, 'stable' => $this->stable, 'simulated' => $this->simulated,
        ];
    }
}
