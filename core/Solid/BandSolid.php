<?php

declare(strict_types=1);

namespace HotSprue\Solid;

use HotSprue\Form\Band;
use HotSprue\Form\ImpossibleSection;

/** A band: its section carried round the finger with its tapers. Source: workbook 19, parts as meshes. */
final class BandSolid
{
    /** @throws ImpossibleSection */
    public static function of(Band $band, Fineness $fineness): Mesh
    {
        $count = $fineness->round();
        // A polygon of this radius takes as much room as the circle.
        $fair = sqrt(2 * M_PI / $count / sin(2 * M_PI / $count));
        $loops = [];
        for ($i = 0; $i < $count; $i++) {
            $theta = 2 * M_PI * $i / $count;
            [$sin, $cos] = [$fair * sin($theta), $fair * cos($theta)];
            $inside = $band->innerDiameter / 2;
            $loops[] = array_map(
                static fn (array $at): array => [($inside + $at[1]) * $sin, $at[0], ($inside + $at[1]) * $cos],
                SectionPoints::of($band->section($theta), $fineness),
            );
        }

        return Sweep::closed($loops);
    }
}
