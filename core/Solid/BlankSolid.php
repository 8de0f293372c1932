<?php

declare(strict_types=1);

namespace HotSprue\Solid;

use HotSprue\Wax\Blank;

/** A slice of a tube or block of wax, about the middle of its bore. Source: workbook 6 and 19. */
final class BlankSolid
{
    /** @param float $slice cut off along the bore, mm */
    public static function of(Blank $blank, float $slice, Fineness $fineness): Mesh
    {
        $count = $fineness->round();
        $loop = static fn (float $along, ?float $radius): array => array_map(
            static function (int $i) use ($along, $radius, $blank, $count): array {
                $angle = 2 * M_PI * $i / $count;
                $far = $radius ?? self::reach($blank, $angle);

                return [$far * sin($angle), $along, $far * cos($angle)];
            }, range(0, $count - 1),
        );
        [$front, $back] = [-$slice / 2, $slice / 2];

        return $blank->isBlock()
            ? Sweep::capped([$loop($front, null), $loop($back, null)])
            : Sweep::closed([
                $loop($front, null), $loop($back, null), $loop($back, $blank->bore / 2),
                $loop($front, $blank->bore / 2),
            ]);
    }

    /** From the middle of the bore to the outside, at an angle from the top. */
    private static function reach(Blank $blank, float $angle): float
    {
        $half = $blank->across / 2;
        [$sin, $cos] = [abs(sin($angle)), cos($angle)];
        // The lower half of a tube is round, and all of a round one.
        if ($blank->form === 'round-tube' || (! $blank->isBlock() && $cos <= 0)) {
            return $half;
        }
        $high = $cos > 0 ? $blank->above : $blank->tall - $blank->above;

        return min($half / max($sin, 1e-9), $high / max(abs($cos), 1e-9));
    }
}
