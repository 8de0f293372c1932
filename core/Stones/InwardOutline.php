<?php

declare(strict_types=1);

namespace HotSprue\Stones;

/**
 * What is left of a convex outline so far inside it: of all its tangents moved inward, those that still bound it.
 * Corners sharpen, and short sides vanish. Its length is good to 1 in 10⁵.
 */
final readonly class InwardOutline
{
    /** Tangents that a round one is cut by. */
    private const TANGENTS = 720;

    private function __construct(public float $length) {}

    public static function of(Outline $outline, float $depth): self
    {
        $tangents = [];
        for ($i = 0; $i < self::TANGENTS; $i++) {
            $normal = 2 * M_PI * $i / self::TANGENTS;
            $tangents[] = [$normal, $outline->towards($normal) - $depth];
        }
        $corners = self::corners($tangents);
        $length = 0.0;
        foreach ($corners as $at => [$x, $y]) {
            [$nextX, $nextY] = $corners[($at + 1) % count($corners)];
            $length += hypot($nextX - $x, $nextY - $y);
        }
        // A polygon of tangents is longer than the curve that it stands about.
        $turn = M_PI / self::TANGENTS;
        $isRound = $outline->vertices() === [];

        return new self($isRound ? $length * $turn / tan($turn) : $length);
    }

    /**
     * Half planes in the order of their normals, each cutting off the corners that lie beyond it: every tangent comes
     * and goes once.
     *
     * @param  list<array{float, float}>  $tangents  normal and distance from the middle
     * @return list<array{float, float}> none where nothing is left
     */
    private static function corners(array $tangents): array
    {
        $kept = $corners = [];
        $first = 0;
        foreach ($tangents as [$normal, $far]) {
            $line = [cos($normal), sin($normal), $far];
            while (count($kept) - $first > 1 && self::isBeyond($line, $corners[count($corners) - 1])) {
                array_pop($kept);
                array_pop($corners);
            }
            while (count($kept) - $first > 1 && self::isBeyond($line, $corners[$first])) {
                $first++;
            }
            $last = $kept[count($kept) - 1] ?? null;
            if ($last !== null) {
                // Turned by half a circle or more, with nothing between: they meet no more.
                if ($last[0] * $line[1] - $last[1] * $line[0] <= 1e-12) {
                    return [];
                }
                $corners[] = self::meeting($last, $line);
            }
            $kept[] = $line;
        }
        while (count($kept) - $first > 2 && self::isBeyond($kept[$first], $corners[count($corners) - 1])) {
            array_pop($kept);
            array_pop($corners);
        }
        while (count($kept) - $first > 2 && self::isBeyond($kept[count($kept) - 1], $corners[$first])) {
            $first++;
        }
        if (count($kept) - $first < 3) {
            return [];
        }

        return [...array_slice($corners, $first), self::meeting($kept[count($kept) - 1], $kept[$first])];
    }

    /**
     * @param  array{float, float, float}  $line
     * @param  array{float, float}  $corner
     */
    private static function isBeyond(array $line, array $corner): bool
    {
        return $corner[0] * $line[0] + $corner[1] * $line[1] >= $line[2];
    }

    /**
     * @param  array{float, float, float}  $one
     * @param  array{float, float, float}  $other
     * @return array{float, float}
     */
    private static function meeting(array $one, array $other): array
    {
        $turn = $one[0] * $other[1] - $one[1] * $other[0];

        return [
            ($one[2] * $other[1] - $other[2] * $one[1]) / $turn, ($one[0] * $other[2] - $other[0] * $one[2]) / $turn,
        ];
    }
}
