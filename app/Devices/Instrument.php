<?php

declare(strict_types=1);

namespace App\Devices;

interface Instrument
{
    public function read(): Reading;

    /** Makes what it shows now its zero. */
    public function tare(): void;
}
