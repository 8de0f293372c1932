<?php

declare(strict_types=1);

namespace HotSprue\Solid;

/** Bodies that are swept: one loop of points after another, each joined to the next by two triangles a side. */
final class Sweep
{
    /** @param list<list<array{float, float, float}>> $loops each of as many points; the last meets the first */
    public static function closed(array $loops): Mesh
    {
        return Mesh::of(self::flat($loops), self::sides(count($loops), count($loops[0]), true));
    }

    /** @param list<list<array{float, float, float}>> $loops closed at both ends by a fan from their middle */
    public static function capped(array $loops): Mesh
    {
        [$count, $wide] = [count($loops), count($loops[0])];
        $points = self::flat($loops);
        $faces = self::sides($count, $wide, false);
        foreach ([[0, true], [$count - 1, false]] as [$loop, $first]) {
            $middle = intdiv(count($points), 3);
            array_push($points, ...self::middle($loops[$loop]));
            for ($i = 0; $i < $wide; $i++) {
                [$a, $b] = [$loop * $wide + $i, $loop * $wide + ($i + 1) % $wide];
                $first ? array_push($faces, $middle, $b, $a) : array_push($faces, $middle, $a, $b);
            }
        }

        return Mesh::of($points, $faces);
    }

    /** @return list<int> */
    private static function sides(int $count, int $wide, bool $closed): array
    {
        $faces = [];
        for ($loop = 0; $loop < $count - ($closed ? 0 : 1); $loop++) {
            [$here, $next] = [$loop * $wide, ($loop + 1) % $count * $wide];
            for ($i = 0; $i < $wide; $i++) {
                $j = ($i + 1) % $wide;
                array_push($faces, $here + $i, $here + $j, $next + $j, $here + $i, $next + $j, $next + $i);
            }
        }

        return $faces;
    }

    /**
     * @param  list<list<array{float, float, float}>>  $loops
     * @return list<float>
     */
    private static function flat(array $loops): array
    {
        $points = [];
        foreach ($loops as $loop) {
            foreach ($loop as $point) {
                array_push($points, ...$point);
            }
        }

        return $points;
    }

    /**
     * @param  list<array{float, float, float}>  $loop
     * @return array{float, float, float}
     */
    private static function middle(array $loop): array
    {
        $count = max(1, count($loop));

        return [
            array_sum(array_column($loop, 0)) / $count, array_sum(array_column($loop, 1)) / $count,
            array_sum(array_column($loop, 2)) / $count,
        ];
    }
}
