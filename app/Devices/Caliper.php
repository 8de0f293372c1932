<?php

declare(strict_types=1);

namespace App\Devices;

/** Reads in mm. */
interface Caliper extends Instrument {}
