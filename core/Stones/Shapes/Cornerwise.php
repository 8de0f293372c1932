<?php

declare(strict_types=1);

namespace HotSprue\Stones\Shapes;

use HotSprue\Stones\Arc;
use HotSprue\Stones\Piece;
use HotSprue\Stones\Straight;

/** Straight sides between sharp corners. */
abstract readonly class Cornerwise extends StoneShape
{
    /** Carats to a mm³ and a unit of specific gravity of what its outline fills; between cushion and rectangle. */
    private const FILLS = 0.0024;

    /**
     * The corners of its left half, from the top counter-clockwise; the first and the last lie on its axis, or their
     * side crosses it.
     *
     * @return non-empty-list<array{float, float}>
     */
    abstract protected function corners(float $long, float $wide, float $ratio): array;

    final protected function left(float $long, float $wide, float $ratio): array
    {
        $corners = $this->corners($long, $wide, $ratio);
        $pieces = [];
        $before = M_PI_2;
        foreach ($corners as $at => [$x, $y]) {
            $next = $corners[$at + 1] ?? null;
            $after = $next === null ? 3 * M_PI_2 : self::normal([$x, $y], $next);
            $pieces[] = new Arc($x, $y, 0.0, $before, $after);
            $next === null ?: $pieces[] = new Straight($x, $y, $next[0], $next[1]);
            $before = $after;
        }

        return array_values(array_filter(
            $pieces, static fn (Piece $piece): bool => ! $piece instanceof Arc || $piece->turn() > 1e-12,
        ));
    }

    /** Weighed by what its outline fills of its box, where the trade has no figure of its own. */
    final public function fills(float $slim): float
    {
        return self::FILLS * $this->share($slim);
    }

    /** What its outline fills of its box, by length over width. */
    abstract protected function share(float $slim): float;

    final public function faces(float $long, float $wide, float $ratio): array
    {
        $corners = $this->corners($long, $wide, $ratio);
        $left = [];
        foreach (array_slice($corners, 0, -1) as $at => $corner) {
            $left[] = rad2deg(self::normal($corner, $corners[$at + 1]));
        }

        return [...$left, ...array_map(static fn (float $face): float => 540.0 - $face, array_reverse($left))];
    }

    /**
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     */
    private static function normal(array $from, array $to): float
    {
        $angle = atan2(-($to[0] - $from[0]), $to[1] - $from[1]);

        return $angle < M_PI_2 - 1e-12 ? $angle + 2 * M_PI : $angle;
    }
}
