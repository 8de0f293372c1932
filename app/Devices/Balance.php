<?php

declare(strict_types=1);

namespace App\Devices;

/** Reads in g. */
interface Balance extends Instrument {}
