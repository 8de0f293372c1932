<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Form\Profile;
use HotSprue\Form\Section;

/** A section’s outline as a path, the finger side at y = 0 and the thickness upward (−y). */
final class SectionOutline
{
    public static function path(Section $section, float $x = 0.0, float $y = 0.0): string
    {
        [$w, $t] = [$section->width, $section->thickness];
        $half = $w / 2;
        $points = match ($section->profile) {
            Profile::Flat => [[-$half, 0.0], [$half, 0.0], [$half, $t], [-$half, $t]],
            Profile::Knife => [
                [-$half, 0.0], [$half, 0.0], [$half, $section->edge], [0.0, $t], [-$half, $section->edge],
            ],
            Profile::HalfRound => [[-$half, 0.0], ...self::dome($half, $t, 0.0)],
            Profile::Round => array_map(
                static fn (int $i): array => [
                    $half * cos(2 * M_PI * $i / 64), $t / 2 + $t / 2 * sin(2 * M_PI * $i / 64),
                ],
                range(0, 63),
            ),
            Profile::Court => [
                ...self::dome($half, $section->riseOutside, $section->riseInside + $section->edge),
                ...array_map(
                    static fn (array $p): array => [-$p[0], $section->riseInside - $p[1]],
                    self::dome($half, $section->riseInside, 0.0),
                ),
            ],
        };

        return View::points(array_map(static fn (array $p): array => [$x + $p[0], $y - $p[1]], $points));
    }

    /**
     * A dome on a chord from its right end to its left.
     *
     * @return list<array{float, float}>
     */
    private static function dome(float $half, float $height, float $up): array
    {
        $points = [];
        $radius = ($half ** 2 + $height ** 2) / (2 * $height);
        for ($i = 0; $i <= 48; $i++) {
            if ($height > $half) {
                $angle = M_PI * $i / 48;
                $points[] = [$half * cos($angle), $up + $height * sin($angle)];
            } else {
                $x = $half * cos(M_PI * $i / 48);
                $points[] = [$x, $up + sqrt(max(0.0, $radius ** 2 - $x ** 2)) - ($radius - $height)];
            }
        }

        return $points;
    }
}
