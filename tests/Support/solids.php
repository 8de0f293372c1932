<?php

declare(strict_types=1);

use HotSprue\Solid\Mesh;

/**
 * A body's volume by slices: how much of the plane at each height lies inside it, by even and odd crossings of a
 * line. Another way to the number than the divergence sum; good to a few in a thousand.
 */
function slicedVolume(Mesh $mesh, int $slices = 60, int $lines = 120): float
{
    [$least, $most] = $mesh->box();
    $high = ($most[2] - $least[2]) / $slices;
    $wide = ($most[1] - $least[1]) / $lines;
    $lengths = 0.0;
    for ($i = 0; $i < $slices; $i++) {
        $z = $least[2] + ($i + 0.5) * $high;
        $edges = [];
        foreach (array_chunk($mesh->faces, 3) as $corners) {
            $cut = [];
            foreach ([[0, 1], [1, 2], [2, 0]] as [$from, $to]) {
                [$a, $b] = [array_slice($mesh->points, 3 * $corners[$from], 3), array_slice($mesh->points,
                    3 * $corners[$to], 3)];
                if ($a[2] < $z !== $b[2] < $z) {
                    $share = ($z - $a[2]) / ($b[2] - $a[2]);
                    $cut[] = [$a[0] + $share * ($b[0] - $a[0]), $a[1] + $share * ($b[1] - $a[1])];
                }
            }
            count($cut) === 2 && $edges[] = $cut;
        }
        for ($j = 0; $j < $lines; $j++) {
            $y = $least[1] + ($j + 0.5) * $wide;
            $met = [];
            foreach ($edges as [[$ax, $ay], [$bx, $by]]) {
                if ($ay < $y !== $by < $y) {
                    $met[] = $ax + ($y - $ay) / ($by - $ay) * ($bx - $ax);
                }
            }
            sort($met);
            foreach (array_chunk($met, 2) as $pair) {
                $lengths += count($pair) === 2 ? $pair[1] - $pair[0] : 0.0;
            }
        }
    }

    return $lengths * $wide * $high;
}

/** A cube of 10 mm, its corner at the origin, as triangles of nine numbers; inward where that is asked. */
function cubeTriangles(float $size = 10.0, bool $inward = false): array
{
    $corner = static fn (int $at): array => [$size * ($at & 1), $size * ($at >> 1 & 1), $size * ($at >> 2 & 1)];
    $quads = [[0, 2, 3, 1], [4, 5, 7, 6], [0, 1, 5, 4], [2, 6, 7, 3], [0, 4, 6, 2], [1, 3, 7, 5]];
    $triangles = [];
    foreach ($quads as [$a, $b, $c, $d]) {
        foreach ([[$a, $b, $c], [$a, $c, $d]] as $face) {
            $triangles[] = array_merge(...array_map($corner, $inward ? array_reverse($face) : $face));
        }
    }

    return $triangles;
}

/** @param list<list<float>> $triangles as a binary STL file, written by hand */
function stlBytes(array $triangles, string $header = ''): string
{
    $file = str_pad($header, 80, ' ').pack('V', count($triangles));
    foreach ($triangles as $corners) {
        $file .= pack('g12v', 0, 0, 0, ...[...$corners, 0]);
    }

    return $file;
}

/** @param list<list<float>> $triangles as an STL file in text */
function stlText(array $triangles): string
{
    $file = "solid made by hand\n";
    foreach ($triangles as $t) {
        $file .= "facet normal 0 0 0\n outer loop\n";
        foreach (array_chunk($t, 3) as $corner) {
            $file .= vsprintf("  vertex %e %.4F %s\n", $corner);
        }
        $file .= " endloop\nendfacet\n";
    }

    return "{$file}endsolid\n";
}
