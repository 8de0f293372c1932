<?php

declare(strict_types=1);

namespace HotSprue\Solid;

use HotSprue\Form\Profile;
use HotSprue\Form\Section;
use HotSprue\Form\Segment;

/**
 * A section's corners: along the finger, and out from its finger side; mm. Its domes stand as much over the true curve
 * as their flats cut off, so that its area is the section's own. Source: workbook 2.
 */
final class SectionPoints
{
    /** @return list<array{float, float}> as many for every section of a profile */
    public static function of(Section $section, Fineness $fineness): array
    {
        [$half, $t, $flats] = [$section->width / 2, $section->thickness, $fineness->dome()];

        return match ($section->profile) {
            Profile::Flat => [[-$half, 0.0], [$half, 0.0], [$half, $t], [-$half, $t]],
            Profile::Knife => [
                [-$half, 0.0], [$half, 0.0], [$half, $section->edge], [0.0, $t], [-$half, $section->edge],
            ],
            Profile::HalfRound => self::dome($half, $t, 0.0, $flats),
            Profile::Round => self::round($half, $t, 3 * $flats),
            Profile::Court => [
                ...self::dome($half, $section->riseOutside, $section->riseInside + $section->edge, $flats),
                ...array_map(
                    static fn (array $at): array => [-$at[0], $section->riseInside - $at[1]],
                    // Where there is no flat body the domes meet in their ends, which stand once.
                    array_slice(
                        self::dome($half, $section->riseInside, 0.0, $flats),
                        $section->edge < 1e-9 ? 1 : 0, $section->edge < 1e-9 ? $flats - 1 : null,
                    ),
                ),
            ],
        };
    }

    /** @return list<array{float, float}> */
    private static function round(float $half, float $t, int $count): array
    {
        $fair = sqrt(2 * M_PI / $count / sin(2 * M_PI / $count));

        return array_map(static fn (int $i): array => [
            $fair * $half * cos(2 * M_PI * $i / $count), $t / 2 + $fair * $t / 2 * sin(2 * M_PI * $i / $count),
        ], range(0, $count - 1));
    }

    /** @return list<array{float, float}> from the right end of its chord to the left */
    private static function dome(float $half, float $height, float $up, int $flats): array
    {
        if ($height < 1e-9) {
            return array_map(
                static fn (int $i): array => [$half * (1 - 2 * $i / $flats), $up], range(0, $flats),
            );
        }
        $points = [];
        $isArc = $height <= $half;
        $radius = $isArc ? ($half ** 2 + $height ** 2) / (2 * $height) : 0.0;
        $reach = $isArc ? atan2($half, $radius - $height) : M_PI_2;
        for ($i = 0; $i <= $flats; $i++) {
            $angle = $reach * (1 - 2 * $i / $flats);
            $points[] = $isArc
                ? [$radius * sin($angle), $radius * cos($angle) - ($radius - $height)]
                : [$half * sin($angle), $height * cos($angle)];
        }
        $area = 0.0;
        for ($i = 0; $i < $flats; $i++) {
            $area += ($points[$i][0] - $points[$i + 1][0]) * ($points[$i][1] + $points[$i + 1][1]) / 2;
        }
        $fair = (new Segment(2 * $half, $height))->area / $area;

        return array_map(static fn (array $at): array => [$at[0], $up + $fair * max(0.0, $at[1])], $points);
    }
}
