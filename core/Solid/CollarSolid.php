<?php

declare(strict_types=1);

namespace HotSprue\Solid;

/** A bezel or a tube: a wall along an outline, with the ledge that its stone rests on. Source: workbook 4 and 19. */
final class CollarSolid
{
    /**
     * Lengths in mm, outward from the outline.
     *
     * @param  float  $inside  to the inner face of the wall
     * @param  float  $outside  to its outer face
     * @param  float  $ledge  to the inner edge of the ledge; as `$inside` where there is none
     * @param  float  $seat  from the foot to the top of the ledge
     * @param  ?float  $round  radius that its foot is filed to, across; null where it stands on a flat
     */
    public static function of(
        OutlineLoop $outline, float $inside, float $outside, float $ledge, float $height, float $seat,
        ?float $round = null,
    ): Mesh {
        $hasLedge = $ledge < $inside - 1e-9;
        $loops = [
            self::raised($outline->at($outside), 0.0, $round), self::raised($outline->at($outside), $height),
            self::raised($outline->at($inside), $height),
        ];
        if ($hasLedge) {
            $loops[] = self::raised($outline->at($inside), $seat);
            $loops[] = self::raised($outline->at($ledge), $seat);
        }
        $loops[] = self::raised($outline->at($hasLedge ? $ledge : $inside), 0.0, $round);

        return Sweep::closed($loops);
    }

    /**
     * @param  list<array{float, float}>  $loop
     * @return list<array{float, float, float}>
     */
    private static function raised(array $loop, float $up, ?float $round = null): array
    {
        return array_map(static fn (array $at): array => [
            $at[0], $at[1],
            $up - ($round === null ? 0.0 : $round - sqrt(max(0.0, $round ** 2 - min(abs($at[0]), $round) ** 2))),
        ], $loop);
    }
}
