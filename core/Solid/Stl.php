<?php

declare(strict_types=1);

namespace HotSprue\Solid;

/** A body as an STL file: binary, lengths in mm. Source: workbook 19, out. */
final class Stl
{
    private const HEADER = 80;

    public static function of(Mesh $mesh, string $title): string
    {
        // A header that began with "solid" would be taken for text.
        $file = str_pad(substr("Hot Sprue, mm: {$title}", 0, self::HEADER), self::HEADER, "\0")
            .pack('V', $mesh->triangles());
        [$p, $f] = [$mesh->points, $mesh->faces];
        for ($i = 0, $count = count($f); $i < $count; $i += 3) {
            [$a, $b, $c] = [3 * $f[$i], 3 * $f[$i + 1], 3 * $f[$i + 2]];
            [$ux, $uy, $uz] = [$p[$b] - $p[$a], $p[$b + 1] - $p[$a + 1], $p[$b + 2] - $p[$a + 2]];
            [$vx, $vy, $vz] = [$p[$c] - $p[$a], $p[$c + 1] - $p[$a + 1], $p[$c + 2] - $p[$a + 2]];
            [$nx, $ny, $nz] = [$uy * $vz - $uz * $vy, $uz * $vx - $ux * $vz, $ux * $vy - $uy * $vx];
            $long = sqrt($nx ** 2 + $ny ** 2 + $nz ** 2) ?: 1.0;
            $file .= pack(
                'g12v', $nx / $long, $ny / $long, $nz / $long, $p[$a], $p[$a + 1], $p[$a + 2], $p[$b], $p[$b + 1],
                $p[$b + 2], $p[$c], $p[$c + 1], $p[$c + 2], 0,
            );
        }

        return $file;
    }
}
