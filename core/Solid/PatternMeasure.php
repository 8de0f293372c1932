<?php

declare(strict_types=1);

namespace HotSprue\Solid;

/**
 * Measures a pattern triangle by triangle, as they are read: nothing of them is kept but their points and the edges
 * that still look for their other side. Source: workbook 19, in.
 */
final class PatternMeasure
{
    public const MOST = 2_000_000;

    /** Of more triangles each point is a first corner often enough. */
    private const FINE = 100_000;

    /** Points nearer than 1 µm are one, and none lies farther out than a metre. */
    private const GRAIN = 1000.0;

    private const FAR = 1 << 20;

    /** A ring smaller than this was drawn in inches, and one larger in hundredths. */
    private const LEAST = 3.0;

    private const LARGEST = 250.0;

    private int $triangles = 0;

    private float $six = 0.0;

    private float $twice = 0.0;

    /** @var array{float, float, float} */
    private array $least = [INF, INF, INF];

    /** @var array{float, float, float} */
    private array $greatest = [-INF, -INF, -INF];

    /** @var array<int, int> number of each point, by its place */
    private array $points = [];

    /** @var array<int, int> edges by the numbers of their ends, that no second triangle has met yet */
    private array $open = [];

    /**
     * @param  array<int, float>  $t  x, y and z of its three corners
     *
     * @throws BadPattern
     */
    public function add(array $t): void
    {
        if (++$this->triangles > self::MOST) {
            throw BadPattern::tooMany(self::MOST);
        }
        [$ax, $ay, $az, $bx, $by, $bz, $cx, $cy, $cz] = $t;
        // What is no number compares with nothing.
        if (! is_finite($ax + $ay + $az + $bx + $by + $bz + $cx + $cy + $cz)) {
            throw BadPattern::notANumber();
        }
        $this->six += $ax * ($by * $cz - $bz * $cy) + $ay * ($bz * $cx - $bx * $cz) + $az * ($bx * $cy - $by * $cx);
        [$ux, $uy, $uz, $vx, $vy, $vz] = [$bx - $ax, $by - $ay, $bz - $az, $cx - $ax, $cy - $ay, $cz - $az];
        $this->twice += sqrt(
            ($uy * $vz - $uz * $vy) ** 2 + ($uz * $vx - $ux * $vz) ** 2 + ($ux * $vy - $uy * $vx) ** 2,
        );
        [$lx, $ly, $lz] = $this->least;
        [$gx, $gy, $gz] = $this->greatest;
        $this->least = [min($lx, $ax, $bx, $cx), min($ly, $ay, $by, $cy), min($lz, $az, $bz, $cz)];
        $this->greatest = [max($gx, $ax, $bx, $cx), max($gy, $ay, $by, $cy), max($gz, $az, $bz, $cz)];
        $a = $this->points[self::place($ax, $ay, $az)] ??= count($this->points);
        $b = $this->points[self::place($bx, $by, $bz)] ??= count($this->points);
        $c = $this->points[self::place($cx, $cy, $cz)] ??= count($this->points);
        // A sliver whose corners fall together closes itself.
        if ($a !== $b && $b !== $c && $c !== $a) {
            $this->meet($a, $b);
            $this->meet($b, $c);
            $this->meet($c, $a);
        }
    }

    /** @throws BadPattern where it can stand for no pattern */
    public function facts(): PatternFacts
    {
        if ($this->triangles === 0) {
            throw BadPattern::notRead('there is no triangle in it');
        }
        $size = array_map(static fn (float $to, float $from): float => $to - $from, $this->greatest, $this->least);
        match (true) {
            $this->open !== [] => throw BadPattern::open(array_sum(array_map(abs(...), $this->open))),
            abs($this->six) < 1e-6 => throw BadPattern::noVolume(),
            $this->six < 0 => throw BadPattern::insideOut(),
            max($size) < self::LEAST => throw BadPattern::inInches(max($size)),
            max($size) > self::LARGEST => throw BadPattern::tooLarge(max($size)),
            default => null,
        };

        return new PatternFacts($this->triangles, $this->six / 6, $this->twice / 2, [$size[0], $size[1], $size[2]]);
    }

    public function bore(): PatternBore
    {
        return new PatternBore($this->least, $this->greatest, $this->triangles > self::FINE);
    }

    /** A point's place as one number: 21 bits each way, in grains. */
    private static function place(float $x, float $y, float $z): int
    {
        return ((int) round($x * self::GRAIN) + self::FAR & 0x1FFFFF) << 42
            | ((int) round($y * self::GRAIN) + self::FAR & 0x1FFFFF) << 21
            | (int) round($z * self::GRAIN) + self::FAR & 0x1FFFFF;
    }

    private function meet(int $from, int $to): void
    {
        if ($from < $to) {
            [$key, $way] = [$from << 32 | $to, 1];
        } else {
            [$key, $way] = [$to << 32 | $from, -1];
        }
        $met = ($this->open[$key] ?? 0) + $way;
        if ($met === 0) {
            unset($this->open[$key]);
        } else {
            $this->open[$key] = $met;
        }
    }
}
