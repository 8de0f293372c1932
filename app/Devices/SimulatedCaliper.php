<?php

declare(strict_types=1);

namespace App\Devices;

final readonly class SimulatedCaliper implements Caliper, Simulated
{
    private Settling $settling;

    public function __construct()
    {
        $this->settling = new Settling('caliper', 0.8, 0.01, 0.0, 'mm');
    }

    public function put(float $value): void
    {
        $this->settling->put($value);
    }

    public function tare(): void
    {
        $this->settling->tare();
    }

    public function read(): Reading
    {
        return $this->settling->read();
    }
}
