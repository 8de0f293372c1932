<?php

declare(strict_types=1);

namespace HotSprue\Form;

/** A dome on a chord: a circular segment, or half an ellipse where it is higher than half its chord. */
final readonly class Segment
{
    public float $area;

    /** Length of the curved side, mm. */
    public float $arc;

    /** Height of the centroid above the chord, mm. */
    public float $centroid;

    public function __construct(float $chord, float $height)
    {
        $half = $chord / 2;
        if ($height > $half) {
            $this->area = M_PI * $half * $height / 2;
            $this->arc = self::ellipse($half, $height) / 2;
            $this->centroid = 4 * $height / (3 * M_PI);

            return;
        }
        $radius = ($half ** 2 + $height ** 2) / (2 * $height);
        $angle = atan2($half, $radius - $height);
        $wedge = $angle - sin($angle) * cos($angle);
        $this->area = $radius ** 2 * $wedge;
        $this->arc = 2 * $radius * $angle;
        $this->centroid = 2 * $radius * sin($angle) ** 3 / (3 * $wedge) - ($radius - $height);
    }

    /** Perimeter of an ellipse by the arithmetic-geometric mean, to machine precision. */
    public static function ellipse(float $a, float $b): float
    {
        [$x, $y] = [max($a, $b), min($a, $b)];
        $sum = $x ** 2 - ($x ** 2 - $y ** 2) / 2;
        $power = 0.5;
        while (abs($x - $y) > 1e-14 * $x) {
            [$x, $y, $gap] = [($x + $y) / 2, sqrt($x * $y), ($x - $y) / 2];
            $power *= 2;
            $sum -= $power * $gap ** 2;
        }

        return 2 * M_PI * $sum / $x;
    }
}
