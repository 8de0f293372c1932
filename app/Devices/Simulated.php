<?php

declare(strict_types=1);

namespace App\Devices;

/** An instrument that can be played with: somebody puts a mass or a size on it. */
interface Simulated extends Instrument
{
    public function put(float $value): void;
}
