<?php

declare(strict_types=1);

namespace HotSprue\Solid;

use HotSprue\Stones\Outline;

/**
 * A stone, the underside of its girdle at nought: table, crown, girdle and pavilion cut in flats, or a dome.
 * Source: workbook 3 and 19.
 */
final class StoneSolid
{
    private const TABLE = 0.56;

    /** Flats round a dome. */
    private const RINGS = 7;

    /** Heights in mm. */
    public static function faceted(
        Outline $outline, float $crown, float $girdle, float $pavilion, int $count = 16,
    ): Mesh {
        // A point of the outline is a point of the stone.
        $edge = array_map(
            static fn (array $at): array => [$at[0], $at[1]], $outline->parallel(0.0)->corneredPoints($count),
        );
        count($edge) % 2 === 0 ?: $edge[] = self::between($edge[count($edge) - 1], $edge[0]);
        $n = count($edge);
        $points = $faces = [];
        foreach ([0.0, $girdle] as $z) {
            foreach ($edge as [$x, $y]) {
                array_push($points, $x, $y, $z);
            }
        }
        for ($i = 0; $i < $n; $i += 2) {
            array_push($points, self::TABLE * $edge[$i][0], self::TABLE * $edge[$i][1], $girdle + $crown);
        }
        $half = intdiv($n, 2);
        [$culet, $table] = [2 * $n + $half, 2 * $n + $half + 1];
        array_push($points, 0.0, 0.0, -$pavilion, 0.0, 0.0, $girdle + $crown);
        for ($i = 0; $i < $n; $i++) {
            $j = ($i + 1) % $n;
            array_push($faces, $culet, $j, $i, $i, $j, $n + $j, $i, $n + $j, $n + $i);
        }
        for ($k = 0; $k < $half; $k++) {
            [$star, $next] = [2 * $n + $k, 2 * $n + ($k + 1) % $half];
            [$a, $b, $c] = [$n + 2 * $k, $n + 2 * $k + 1, $n + (2 * $k + 2) % $n];
            array_push($faces, $a, $b, $star, $b, $next, $star, $b, $c, $next, $star, $next, $table);
        }

        return Mesh::of($points, $faces);
    }

    /** A dome over its base. */
    public static function cabochon(Outline $outline, float $height, int $count): Mesh
    {
        $edge = array_map(
            static fn (array $at): array => [$at[0], $at[1]], $outline->parallel(0.0)->points($count),
        );
        $loops = [];
        for ($ring = 0; $ring <= self::RINGS; $ring++) {
            $angle = M_PI_2 * $ring / (self::RINGS + 0.5);
            $loops[] = array_map(static fn (array $at): array => [
                $at[0] * cos($angle), $at[1] * cos($angle), $height * sin($angle),
            ], $edge);
        }

        return Sweep::capped($loops);
    }

    /**
     * @param  array{float, float}  $one
     * @param  array{float, float}  $other
     * @return array{float, float}
     */
    private static function between(array $one, array $other): array
    {
        return [($one[0] + $other[0]) / 2, ($one[1] + $other[1]) / 2];
    }
}
