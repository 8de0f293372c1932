<?php

declare(strict_types=1);

namespace HotSprue\Measures;

/** The figures that units are converted by, for whoever says or reads them. Source: workbook 1. */
final class UnitFactors
{
    /** mm in an inch. */
    public const INCH = 25.4;

    /** g in a pennyweight. */
    public const PENNYWEIGHT = 1.55517384;

    /** g in a troy ounce. */
    public const TROY_OUNCE = 31.1034768;

    /** °F in a °C, and what water freezes at. */
    public const FAHRENHEIT = 1.8;

    public const FREEZING_F = 32.0;

    /** Wire or sheet gauge n is 0.127 × 92^((36 − n) ÷ 39) mm. */
    public const GAUGE = ['mm' => 0.127, 'base' => 92.0, 'from' => 36.0, 'steps' => 39.0];

    /** @return array<string, mixed> as the screen is given them */
    public static function all(): array
    {
        return [
            'in' => self::INCH, 'dwt' => self::PENNYWEIGHT, 'ozt' => self::TROY_OUNCE,
            'F' => ['per' => self::FAHRENHEIT, 'zero' => self::FREEZING_F], 'gauge' => self::GAUGE,
        ];
    }
}
