<?php

declare(strict_types=1);

namespace HotSprue\Solid;

/** What keeps triangles from being a body. Source: workbook 19, checks that always hold. */
final readonly class MeshFaults
{
    private const NO_AREA = 1e-12;

    /**
     * @param  int  $open  edges that no second triangle shares the other way round
     * @param  int  $flat  triangles of no area
     * @param  int  $euler  points less edges plus triangles: 2 for each ball, 0 for each ring
     */
    private function __construct(public int $open, public int $flat, public int $euler, public float $volume) {}

    public static function of(Mesh $mesh): self
    {
        $edges = $used = [];
        $flat = 0;
        [$p, $f] = [$mesh->points, $mesh->faces];
        for ($i = 0, $count = count($f); $i < $count; $i += 3) {
            $corners = [$f[$i], $f[$i + 1], $f[$i + 2]];
            foreach ($corners as $at => $from) {
                $to = $corners[($at + 1) % 3];
                $used[$from] = true;
                $key = $from < $to ? "{$from} {$to}" : "{$to} {$from}";
                $edges[$key] = ($edges[$key] ?? 0) + ($from < $to ? 1 : 1_000_000);
            }
            $flat += self::area($p, $corners) < self::NO_AREA ? 1 : 0;
        }
        $open = count(array_filter($edges, static fn (int $met): bool => $met !== 1_000_001));

        return new self($open, $flat, count($used) - count($edges) + $mesh->triangles(), $mesh->volume());
    }

    public function isSound(): bool
    {
        return $this->open === 0 && $this->flat === 0 && $this->volume > 0;
    }

    /**
     * @param  list<float>  $p
     * @param  array{int, int, int}  $corners
     */
    private static function area(array $p, array $corners): float
    {
        [$a, $b, $c] = [3 * $corners[0], 3 * $corners[1], 3 * $corners[2]];
        [$ux, $uy, $uz] = [$p[$b] - $p[$a], $p[$b + 1] - $p[$a + 1], $p[$b + 2] - $p[$a + 2]];
        [$vx, $vy, $vz] = [$p[$c] - $p[$a], $p[$c + 1] - $p[$a + 1], $p[$c + 2] - $p[$a + 2]];

        return sqrt(($uy * $vz - $uz * $vy) ** 2 + ($uz * $vx - $ux * $vz) ** 2 + ($ux * $vy - $uy * $vx) ** 2) / 2;
    }
}
