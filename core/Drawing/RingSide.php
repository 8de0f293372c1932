<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Form\SideOutline;

/** A ring seen along the finger: bore, and a wall that tapers from top to base. */
final class RingSide
{
    /**
     * The outer outline as points, clockwise from the top; the middle of the bore is 0, 0.
     *
     * @return list<array{float, float}>
     */
    public static function outer(float $bore, float $top, float $base): array
    {
        $side = new SideOutline($bore, $top, $base);
        $points = [];
        for ($i = 0; $i < 96; $i++) {
            $theta = 2 * M_PI * $i / 96;
            $radius = $side->radius($theta);
            $points[] = [$radius * sin($theta), -$radius * cos($theta)];
        }

        return $points;
    }

    /** The wall between bore and outer outline, as one path with a hole. */
    public static function wall(float $bore, float $top, float $base): string
    {
        $r = $bore / 2;

        return View::points(self::outer($bore, $top, $base)).sprintf(
            ' M%.4F 0 A%.4F %.4F 0 1 0 %.4F 0 A%.4F %.4F 0 1 0 %.4F 0 Z', $r, $r, $r, -$r, $r, $r, $r,
        );
    }
}
