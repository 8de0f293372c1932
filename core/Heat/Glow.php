<?php

declare(strict_types=1);

namespace HotSprue\Heat;

/** How metal glows by its heat, as seen in the shade or with the room darkened. Source: workbook 20, what it shows. */
enum Glow: string
{
    case None = 'none';
    case FirstRed = 'first red';
    case DullRed = 'dull red';
    case Cherry = 'cherry';
    case Bright = 'bright';
    case Orange = 'orange';

    /** Where each glow after the first begins, °C, and how many degrees it spans; the last grows no brighter. */
    private const FROM = [520.0, 600.0, 700.0, 780.0, 870.0];

    private const SPANS = [80.0, 100.0, 80.0, 90.0, 130.0];

    /** In a darkened room a glow is seen so much sooner, °C. */
    private const DARK = 60.0;

    public static function at(float $celsius, bool $dark = false): self
    {
        $seen = $celsius + ($dark ? self::DARK : 0.0);
        $at = self::None;
        foreach (self::FROM as $below => $from) {
            $at = $seen < $from ? $at : self::cases()[$below + 1];
        }

        return $at;
    }

    /** How far along the glows it is: 0 none, 1 at dull red, 5 as bright as it gets. */
    public static function level(float $celsius, bool $dark = false): float
    {
        $seen = $celsius + ($dark ? self::DARK : 0.0);
        $level = 0.0;
        foreach (self::FROM as $at => $from) {
            $level += min(1.0, max(0.0, ($seen - $from) / self::SPANS[$at]));
        }

        return $level;
    }
}
