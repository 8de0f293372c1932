<?php

declare(strict_types=1);

namespace HotSprue\Kiln;

/** A fault of a kiln, from one minute of its programme to another; without an end it lasts. */
final readonly class KilnFault
{
    public const KINDS = ['door', 'power', 'element', 'thermocouple'];

    public function __construct(public string $kind, public float $from, public ?float $to = null) {}

    public function isOn(float $minute): bool
    {
        return $minute >= $this->from && ($this->to === null || $minute < $this->to);
    }
}
