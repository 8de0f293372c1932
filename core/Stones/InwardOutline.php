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
     * @param  list<array{float, float}>  $tangents  normal and distance from the middle
     * @return list<array{float, float}>
     */
    private static function corners(array $tangents): array
    {
        // A square about everything, cut by one tangent after another.
        $shape = [[-1e3, -1e3], [1e3, -1e3], [1e3, 1e3], [-1e3, 1e3]];
        foreach ($tangents as [$normal, $far]) {
            [$cos, $sin] = [cos($normal), sin($normal)];
            $kept = [];
            foreach ($shape as $at => $here) {
                $next = $shape[($at + 1) % count($shape)];
                [$a, $b] = [$here[0] * $cos + $here[1] * $sin - $far, $next[0] * $cos + $next[1] * $sin - $far];
                if ($a <= 0) {
                    $kept[] = $here;
                }
                if (($a < 0) !== ($b < 0) && abs($a - $b) > 1e-15) {
                    $share = $a / ($a - $b);
                    $kept[] = [$here[0] + ($next[0] - $here[0]) * $share, $here[1] + ($next[1] - $here[1]) * $share];
                }
            }
            $shape = $kept;
        }

        return $shape;
    }
}
