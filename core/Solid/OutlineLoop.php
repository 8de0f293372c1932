<?php

declare(strict_types=1);

namespace HotSprue\Solid;

use HotSprue\Stones\Outline;

/** A stone's outline, or a parallel to it, as a loop of points whose area is the true one's. */
final readonly class OutlineLoop
{
    private float $corner;

    /** Inside an outline its corners stay sharp, however its strip goes round them. */
    private float $sharp;

    /** @param bool $mitred whether the parallel goes to its mitres at points, as a scored strip does */
    public function __construct(private Outline $outline, private int $count, private bool $mitred = false)
    {
        $turns = $outline->turns();
        $this->sharp = M_PI - array_sum($turns) / 2
            + array_sum(array_map(static fn (float $turn): float => tan($turn / 2), $turns));
        $this->corner = $mitred ? $this->sharp : M_PI;
    }

    /** What a parallel so far outside encloses, mm²; so far inside where that is less than nothing. */
    public function area(float $offset): float
    {
        $corner = $offset < 0 ? $this->sharp : $this->corner;

        return $this->outline->area() + $this->outline->perimeter() * $offset + $corner * $offset ** 2;
    }

    /** @return list<array{float, float}> */
    public function at(float $offset): array
    {
        $out = max(0.0, $offset);
        $points = $this->mitred
            ? self::spread($this->outline->mitred($out, $this->count))
            : array_map(static fn (array $at): array => [$at[0], $at[1]], $this->outline->parallel($out)->points(
                $this->count,
            ));
        // Inside it the loop is the outline's own, drawn together to what is left.
        $fair = sqrt(max(1e-6, $this->area($offset)) / self::shoelace($points));

        return array_map(static fn (array $at): array => [$fair * $at[0], $fair * $at[1]], $points);
    }

    /**
     * Of points that meet in a mitre only one stays there; the rest are spread along the two sides that it joins.
     *
     * @param  list<array{float, float}>  $points
     * @return list<array{float, float}>
     */
    private static function spread(array $points): array
    {
        $count = count($points);
        $isSame = static fn (int $one, int $other): bool => hypot(
            $points[$one][0] - $points[$other][0], $points[$one][1] - $points[$other][1],
        ) < 1e-9;
        $spread = $points;
        for ($at = 0; $at < $count; $at++) {
            if ($isSame($at, ($at + $count - 1) % $count) || ! $isSame($at, ($at + 1) % $count)) {
                continue;
            }
            $run = 1;
            while ($run < $count && $isSame($at, ($at + $run) % $count)) {
                $run++;
            }
            $mitre = $points[$at];
            [$before, $after] = [$points[($at + $count - 1) % $count], $points[($at + $run) % $count]];
            $middle = intdiv($run, 2);
            for ($i = 0; $i < $run; $i++) {
                [$end, $share] = $i < $middle
                    ? [$before, ($middle - $i) / ($middle + 1)] : [$after, ($i - $middle) / ($run - $middle)];
                $spread[($at + $i) % $count] = [
                    $mitre[0] + $share * ($end[0] - $mitre[0]), $mitre[1] + $share * ($end[1] - $mitre[1]),
                ];
            }
        }

        return $spread;
    }

    /**
     * @param  list<array{0: float, 1: float, 2?: float}>  $points
     * @return float mm²
     */
    public static function shoelace(array $points): float
    {
        $twice = 0.0;
        foreach ($points as $at => $point) {
            $next = $points[($at + 1) % count($points)];
            $twice += $point[0] * $next[1] - $next[0] * $point[1];
        }

        return abs($twice) / 2;
    }
}
