<?php

declare(strict_types=1);

namespace HotSprue\Solid;

/** A straight wire, or what is turned about an axis: claws, sprues, a button, a flask. */
final class WireSolid
{
    /**
     * @param  array{float, float, float}  $from
     * @param  array{float, float, float}  $to
     */
    public static function between(array $from, array $to, float $diameter, Fineness $fineness): Mesh
    {
        $long = sqrt(($to[0] - $from[0]) ** 2 + ($to[1] - $from[1]) ** 2 + ($to[2] - $from[2]) ** 2);
        $along = [($to[0] - $from[0]) / $long, ($to[1] - $from[1]) / $long, ($to[2] - $from[2]) / $long];
        // Any way that does not lie along it will do to begin with.
        $other = abs($along[2]) < 0.9 ? [0.0, 0.0, 1.0] : [1.0, 0.0, 0.0];
        $side = self::cross($along, $other);
        $size = sqrt($side[0] ** 2 + $side[1] ** 2 + $side[2] ** 2);
        $side = [$side[0] / $size, $side[1] / $size, $side[2] / $size];
        $up = self::cross($along, $side);
        $loop = static fn (array $at): array => array_map(static fn (array $p): array => [
            $at[0] + $p[0] * $side[0] + $p[1] * $up[0], $at[1] + $p[0] * $side[1] + $p[1] * $up[1],
            $at[2] + $p[0] * $side[2] + $p[1] * $up[2],
        ], self::circle($diameter / 2, $fineness->wire()));

        return Sweep::capped([$loop($from), $loop($to)]);
    }

    /** @param list<array{float, float}> $profile radius and height of each step, from one end to the other */
    public static function turned(array $profile, int $count): Mesh
    {
        return Sweep::capped(array_map(static fn (array $step): array => array_map(
            static fn (array $at): array => [$at[0], $at[1], $step[1]], self::circle($step[0], $count),
        ), $profile));
    }

    /** @return list<array{float, float}> whose area is the circle's */
    public static function circle(float $radius, int $count): array
    {
        $fair = $radius * sqrt(2 * M_PI / $count / sin(2 * M_PI / $count));

        return array_map(static fn (int $i): array => [
            $fair * cos(2 * M_PI * $i / $count), $fair * sin(2 * M_PI * $i / $count),
        ], range(0, $count - 1));
    }

    /**
     * @param  array{float, float, float}  $a
     * @param  array{float, float, float}  $b
     * @return array{float, float, float}
     */
    private static function cross(array $a, array $b): array
    {
        return [$a[1] * $b[2] - $a[2] * $b[1], $a[2] * $b[0] - $a[0] * $b[2], $a[0] * $b[1] - $a[1] * $b[0]];
    }
}
