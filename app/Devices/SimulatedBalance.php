<?php

declare(strict_types=1);

namespace App\Devices;

final readonly class SimulatedBalance implements Balance, Simulated
{
    private Settling $settling;

    public function __construct()
    {
        $this->settling = new Settling('balance', 2.0, 0.01, 0.02, 'g');
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
