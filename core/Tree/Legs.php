<?php

declare(strict_types=1);

namespace HotSprue\Tree;

use HotSprue\Form\SideOutline;

/**
 * Where sprues join a ring that stands on its stem, and how long each is: a single one stands on the axis, a Y's and a
 * tripod's legs run from the stem to where they join. Source: workbook 8, sprue.
 */
final readonly class Legs
{
    /**
     * Angles from the fed side at which sprues join, radians, evenly spaced unless a Y's angle is said.
     *
     * @return non-empty-list<float>
     */
    public static function angles(int $count, ?float $yAngleDegrees): array
    {
        if ($count === 2) {
            $half = deg2rad($yAngleDegrees ?? 180.0) / 2;

            return [-$half, $half];
        }
        $legs = max(1, $count);

        return array_map(
            static fn (int $leg): float => 2 * M_PI * ($leg + ($legs % 2 === 0 ? 0.5 : 0.0)) / $legs,
            range(0, $legs - 1),
        );
    }

    /**
     * How long each is, mm, where the stem ends so far from the ring's fed side; `$fed` has that side as its top.
     *
     * @return non-empty-list<float>
     */
    public static function lengths(?SideOutline $fed, float $length, int $count, ?float $yAngleDegrees): array
    {
        if ($fed === null || $count === 1) {
            return array_fill(0, max(1, $count), $length);
        }
        $stem = $fed->radius(0.0) + $length;

        return array_map(
            static fn (float $angle): float => hypot(
                $fed->radius($angle) * sin($angle), $stem - $fed->radius($angle) * cos($angle),
            ),
            self::angles($count, $yAngleDegrees),
        );
    }
}
