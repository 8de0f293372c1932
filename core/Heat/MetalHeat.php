<?php

declare(strict_types=1);

namespace HotSprue\Heat;

use HotSprue\Stock\Alloy;

/** How an alloy takes heat and leads it: J/kgK and W/mK. Source: workbook 20, the piece. */
final readonly class MetalHeat
{
    /** Fineness from which gold counts as 18k, and from which as 22k. */
    private const EIGHTEEN = 0.70;

    private const FINE = 0.90;

    private function __construct(public float $capacity, public float $conductivity) {}

    public static function of(Alloy $alloy): self
    {
        return match ($alloy->metal) {
            'silver' => new self(250.0, 360.0),
            'platinum' => new self(150.0, 60.0),
            'palladium' => new self(250.0, 60.0),
            'gold' => match (true) {
                $alloy->fineness >= self::FINE => new self(140.0, 250.0),
                $alloy->fineness >= self::EIGHTEEN => new self(170.0, 110.0),
                default => new self(200.0, $alloy->colour === 'white' ? 60.0 : 90.0),
            },
            default => new self(380.0, 60.0),
        };
    }
}
