<?php

declare(strict_types=1);

namespace HotSprue\Solid;

/**
 * A piece as it looks from one side, for paper and where nothing can be turned: each pixel the nearest triangle's
 * colour in the light of one lamp.
 */
final class StillPicture
{
    /** Seen from a little to the right and above; radians. */
    private const RIGHT = 0.55;

    private const ABOVE = 0.42;

    /** Toward the lamp, from the eye's place: left, up, near. */
    private const LAMP = [-0.42, 0.62, 0.66];

    private const MARGIN = 1.08;

    /** How much of the lamp is seen in a face, of 255. */
    private const SHINE = ['polished' => 150.0, 'satin' => 45.0, 'matt' => 12.0, 'cast' => 0.0];

    /** @var array<int, float> how near, by pixel */
    private array $near = [];

    /** @var array<int, int> colour, by pixel */
    private array $colours = [];

    private function __construct(private readonly int $wide, private readonly int $high) {}

    /**
     * @param  non-empty-list<Part>  $parts
     * @param  float  $turn  how far the piece is turned under the eye, of a whole turn
     * @param  ?float  $span  of the shorter side, mm, so that turned it is as large; as it fits unless said
     * @return array<int, int> 0xRRGGBB by pixel, row by row from the top; nothing where nothing is
     */
    public static function of(array $parts, int $wide, int $high, float $turn = 0.0, ?float $span = null): array
    {
        $picture = new self($wide, $high);
        $seen = array_map(static fn (Part $part): array => self::turned($part->mesh->points, $turn), $parts);
        [$left, $right, $low, $top] = [INF, -INF, INF, -INF];
        foreach ($seen as $points) {
            for ($i = 0, $count = count($points); $i < $count; $i += 3) {
                [$left, $right] = [min($left, $points[$i]), max($right, $points[$i])];
                [$low, $top] = [min($low, $points[$i + 1]), max($top, $points[$i + 1])];
            }
        }
        $scale = $span === null
            ? min($wide / ($right - $left), $high / ($top - $low)) / self::MARGIN : min($wide, $high) / $span;
        foreach ($parts as $at => $part) {
            $picture->paint($part, $seen[$at], $scale, [($left + $right) / 2, ($low + $top) / 2]);
        }

        return $picture->colours;
    }

    /**
     * What holds the piece however it is turned, mm.
     *
     * @param  non-empty-list<Part>  $parts
     */
    public static function span(array $parts): float
    {
        [$least, $most] = Mesh::together(...array_map(static fn (Part $part): Mesh => $part->mesh, $parts))->box();

        return self::MARGIN * sqrt(array_sum(array_map(
            static fn (float $to, float $from): float => ($to - $from) ** 2, $most, $least,
        )));
    }

    /**
     * To the eye: right, up and near.
     *
     * @param  list<float>  $points
     * @return list<float>
     */
    private static function turned(array $points, float $turn): array
    {
        $right = self::RIGHT + 2 * M_PI * $turn;
        [$sin, $cos, $sinA, $cosA] = [sin($right), cos($right), sin(self::ABOVE), cos(self::ABOVE)];
        $seen = [];
        for ($i = 0, $count = count($points); $i < $count; $i += 3) {
            [$x, $y, $z] = [$points[$i], $points[$i + 1], $points[$i + 2]];
            $away = $y * $cos - $x * $sin;
            array_push($seen, $x * $cos + $y * $sin, $z * $cosA + $away * $sinA, $z * $sinA - $away * $cosA);
        }

        return $seen;
    }

    /**
     * @param  list<float>  $seen
     * @param  array{float, float}  $middle
     */
    private function paint(Part $part, array $seen, float $scale, array $middle): void
    {
        $colour = (int) hexdec(substr($part->look->colour, 1));
        $shine = match (true) {
            ! in_array($part->look->material, ['metal', 'stone'], true) => 0.0,
            default => self::SHINE[$part->look->sheen->value],
        };
        $screen = [];
        for ($i = 0, $count = count($seen); $i < $count; $i += 3) {
            $screen[] = [
                $this->wide / 2 + ($seen[$i] - $middle[0]) * $scale,
                $this->high / 2 - ($seen[$i + 1] - $middle[1]) * $scale, $seen[$i + 2],
            ];
        }
        $faces = $part->mesh->faces;
        for ($i = 0, $count = count($faces); $i < $count; $i += 3) {
            [$a, $b, $c] = [$screen[$faces[$i]], $screen[$faces[$i + 1]], $screen[$faces[$i + 2]]];
            $area = ($b[0] - $a[0]) * ($c[1] - $a[1]) - ($c[0] - $a[0]) * ($b[1] - $a[1]);
            // On the screen, where y points down, what faces the eye goes round the other way.
            if ($area < -1e-9) {
                $this->fill([$a, $b, $c], $area, self::lit($colour, $shine, [
                    array_slice($seen, 3 * $faces[$i], 3), array_slice($seen, 3 * $faces[$i + 1], 3),
                    array_slice($seen, 3 * $faces[$i + 2], 3),
                ]));
            }
        }
    }

    /** @param array{array{float, float, float}, array{float, float, float}, array{float, float, float}} $t */
    private function fill(array $t, float $area, int $colour): void
    {
        [[$ax, $ay, $az], [$bx, $by, $bz], [$cx, $cy, $cz]] = $t;
        $top = max(0, (int) floor(min($ay, $by, $cy)));
        $low = min($this->high - 1, (int) ceil(max($ay, $by, $cy)));
        $left = max(0, (int) floor(min($ax, $bx, $cx)));
        $right = min($this->wide - 1, (int) ceil(max($ax, $bx, $cx)));
        for ($y = $top; $y <= $low; $y++) {
            for ($x = $left; $x <= $right; $x++) {
                [$px, $py] = [$x + 0.5, $y + 0.5];
                $u = (($bx - $px) * ($cy - $py) - ($cx - $px) * ($by - $py)) / $area;
                $v = (($cx - $px) * ($ay - $py) - ($ax - $px) * ($cy - $py)) / $area;
                $w = 1 - $u - $v;
                if ($u < 0 || $v < 0 || $w < 0) {
                    continue;
                }
                $near = $u * $az + $v * $bz + $w * $cz;
                $at = $y * $this->wide + $x;
                if ($near > ($this->near[$at] ?? -INF)) {
                    $this->near[$at] = $near;
                    $this->colours[$at] = $colour;
                }
            }
        }
    }

    /** @param array<int, array<int, float>> $t */
    private static function lit(int $colour, float $polish, array $t): int
    {
        [$a, $b, $c] = $t;
        [$ux, $uy, $uz] = [$b[0] - $a[0], $b[1] - $a[1], $b[2] - $a[2]];
        [$vx, $vy, $vz] = [$c[0] - $a[0], $c[1] - $a[1], $c[2] - $a[2]];
        $normal = [$uy * $vz - $uz * $vy, $uz * $vx - $ux * $vz, $ux * $vy - $uy * $vx];
        $long = sqrt($normal[0] ** 2 + $normal[1] ** 2 + $normal[2] ** 2) ?: 1.0;
        [$nx, $ny, $nz] = [$normal[0] / $long, $normal[1] / $long, $normal[2] / $long];
        $toLamp = $nx * self::LAMP[0] + $ny * self::LAMP[1] + $nz * self::LAMP[2];
        $light = 0.34 + 0.62 * max(0.0, $toLamp) + 0.06 * $ny;
        // The lamp itself, seen in a polished face.
        $shine = $polish * max(0.0, 2 * $toLamp * $nz - self::LAMP[2]) ** 12;
        $mixed = 0;
        foreach ([16, 8, 0] as $shift) {
            $value = ($colour >> $shift & 0xFF) * $light + $shine;
            $mixed |= (int) min(255.0, max(0.0, $value)) << $shift;
        }

        return $mixed;
    }
}
