<?php

declare(strict_types=1);

namespace HotSprue\Heat;

/** What the piece lies on or hangs from, and how much heat that takes. Source: workbook 20, the piece. */
enum Support: string
{
    case Charcoal = 'charcoal';
    case Firebrick = 'firebrick';
    case ThirdArm = 'third-arm';

    /** W/K at the node that an arm or tweezers hold. */
    public const GRIP = 0.02;

    /** @return list<string> */
    public static function names(): array
    {
        return array_column(self::cases(), 'value');
    }

    /** What it takes from each surface that lies on it, W/m²K. */
    public function takes(): float
    {
        return match ($this) {
            self::Charcoal => 3.0, self::Firebrick => 12.0, self::ThirdArm => 0.0
        };
    }
}
