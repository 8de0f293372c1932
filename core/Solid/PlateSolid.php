<?php

declare(strict_types=1);

namespace HotSprue\Solid;

/** A plate of one thickness, its outline as it is sawn; it is seen from above by its own middle. */
final class PlateSolid
{
    /** @param list<array{float, float}> $outline */
    public static function of(array $outline, float $from, float $thickness): Mesh
    {
        $at = static fn (float $z): array => array_map(static fn (array $p): array => [$p[0], $p[1], $z], $outline);

        return Sweep::capped([$at($from), $at($from + $thickness)]);
    }
}
