<?php

declare(strict_types=1);

namespace HotSprue\Stones;

use LogicException;

/**
 * A girdle's exact outline: mm, origin at the centroid, x across the width, y along the length, a point
 * at +y. It begins at the top (+y) and goes counter-clockwise. Source: workbook 3.
 */
final readonly class Outline
{
    /** @param list<Piece> $pieces */
    private function __construct(public Shape $shape, public float $long, public float $wide, private array $pieces) {}

    /** @throws ImpossibleOutline */
    public static function of(Shape $shape, float $long, float $wide, ?float $ratio = null): self
    {
        $ratio ??= $shape->ratio() ?? 0.0;
        ImpossibleOutline::unlessPossible($shape, $long, $wide, $ratio);
        $left = match ($shape) {
            Shape::Round => [new Arc(0.0, 0.0, $wide / 2, M_PI_2, 3 * M_PI_2)],
            Shape::Oval => $long === $wide ? [
                new Arc(0.0, 0.0, $wide / 2, M_PI_2, 3 * M_PI_2),
            ] : [new HalfEllipse($wide / 2, $long / 2)],
            Shape::Marquise => self::marquise($long, $wide),
            Shape::Pear => self::pear($long, $wide),
            Shape::Cushion => self::cornered($long, $wide, $ratio * $wide, true),
            Shape::Octagon => self::cornered($long, $wide, $ratio * $wide, false),
            Shape::Rectangle => self::cornered($long, $wide, 0.0, false),
            Shape::Trillion => self::trillion($wide, $ratio * $wide),
        };
        $right = array_map(static fn (Piece $piece): Piece => $piece->mirrored(), array_reverse($left));
        $outline = new self($shape, $long, $wide, [...$left, ...$right]);
        [$area, , $moment] = $outline->moments();

        return new self(
            $shape, $long, $wide,
            array_map(static fn (Piece $piece): Piece => $piece->moved(-$moment / $area), $outline->pieces),
        );
    }

    /** @return list<Piece> */
    private static function marquise(float $long, float $wide): array
    {
        $radius = ($long ** 2 + $wide ** 2) / (4 * $wide);
        // As wide as it is long, its two arcs are the halves of a circle.
        $half = asin(min(1.0, $long / 2 / $radius));

        return [
            new Arc(0.0, $long / 2, 0.0, M_PI_2, M_PI - $half),
            new Arc($radius - $wide / 2, 0.0, $radius, M_PI - $half, M_PI + $half),
            new Arc(0.0, -$long / 2, 0.0, M_PI + $half, 3 * M_PI_2),
        ];
    }

    /** @return list<Piece> */
    private static function pear(float $long, float $wide): array
    {
        $high = $long - $wide / 2;
        $radius = ($wide ** 2 / 4 + $high ** 2) / $wide;
        $half = asin($high / $radius);

        return [
            new Arc(0.0, $high, 0.0, M_PI_2, M_PI - $half),
            new Arc($radius - $wide / 2, 0.0, $radius, M_PI - $half, M_PI),
            new Arc(0.0, 0.0, $wide / 2, M_PI, 3 * M_PI_2),
        ];
    }

    /** @return list<Piece> a rectangle with its corners rounded or cut, or sharp where there is no corner */
    private static function cornered(float $long, float $wide, float $corner, bool $rounded): array
    {
        [$x, $y] = [$wide / 2, $long / 2];
        $corners = match (true) {
            $corner === 0.0 => static fn (int $sign, float $from): array => [
                new Arc(-$x, $sign * $y, 0.0, $from, $from + M_PI_2),
            ],
            $rounded => static fn (int $sign, float $from): array => [
                new Arc($corner - $x, $sign * ($y - $corner), $corner, $from, $from + M_PI_2),
            ],
            default => static function (int $sign, float $from) use ($x, $y, $corner): array {
                $ends = [[$corner - $x, $sign * $y], [-$x, $sign * ($y - $corner)]];
                [$a, $b] = $sign > 0 ? $ends : array_reverse($ends);

                return [
                    new Arc($a[0], $a[1], 0.0, $from, $from + M_PI_4), new Straight($a[0], $a[1], $b[0], $b[1]),
                    new Arc($b[0], $b[1], 0.0, $from + M_PI_4, $from + M_PI_2),
                ];
            },
        };
        $pieces = [
            new Straight(0.0, $y, $corner - $x, $y), ...$corners(1, M_PI_2),
            new Straight(-$x, $y - $corner, -$x, $corner - $y), ...$corners(-1, M_PI),
            new Straight($corner - $x, -$y, 0.0, -$y),
        ];

        return array_values(
            array_filter(
                $pieces, static fn (Piece $piece): bool => ! $piece instanceof Straight || $piece->length(0.0) > 1e-12,
            ),
        );
    }

    /** @return list<Piece> */
    private static function trillion(float $wide, float $sagitta): array
    {
        $circum = $wide / sqrt(3);
        [$side, $base] = [5 * M_PI / 6, 3 * M_PI_2];
        if ($sagitta === 0.0) {
            return [
                new Arc(0.0, $circum, 0.0, M_PI_2, $side),
                new Straight(0.0, $circum, -$wide / 2, -$circum / 2),
                new Arc(-$wide / 2, -$circum / 2, 0.0, $side, $base),
                new Straight(-$wide / 2, -$circum / 2, 0.0, -$circum / 2),
            ];
        }
        $radius = ($wide ** 2 / 4 + $sagitta ** 2) / (2 * $sagitta);
        $half = asin($wide / 2 / $radius);
        // The middle of a side's arc lies at its chord's distance and the sagitta from the centre.
        $back = $circum / 2 + $sagitta - $radius;

        return [
            new Arc(0.0, $circum, 0.0, M_PI_2, $side - $half),
            new Arc($back * cos($side), $back * sin($side), $radius, $side - $half, $side + $half),
            new Arc(-$wide / 2, -$circum / 2, 0.0, $side + $half, $base - $half),
            new Arc(0.0, -$back, $radius, $base - $half, $base),
        ];
    }

    /** @return array{float, float, float} */
    private function moments(): array
    {
        $sum = [0.0, 0.0, 0.0];
        foreach ($this->pieces as $piece) {
            foreach ($piece->moments() as $index => $part) {
                $sum[$index] += $part;
            }
        }

        return $sum;
    }

    public function perimeter(): float
    {
        return $this->parallel(0.0)->length;
    }

    public function area(): float
    {
        return $this->moments()[0];
    }

    /** The true parallel at so many mm outward. */
    public function parallel(float $offset): Parallel
    {
        return new Parallel($this->pieces, $offset);
    }

    /**
     * @return array{float, float} the point of a parallel where its outward normal has this angle: of a straight side,
     * its middle
     */
    public function facing(float $normal, float $offset): array
    {
        foreach ($this->pieces as $piece) {
            $point = $piece->facing($normal + 2 * M_PI * ceil((M_PI_2 - $normal) / (2 * M_PI)), $offset);
            if ($point !== null) {
                return $point;
            }
        }
        throw new LogicException('A convex outline faces every way.');
    }

    /** @return list<float> the exterior angle at each point, radians */
    public function turns(): array
    {
        $turns = [];
        foreach ($this->pieces as $index => $piece) {
            if (! $piece instanceof Arc || ! $piece->isPoint()) {
                continue;
            }
            // A point on the axis is in two halves: the first piece and the last.
            $next = $this->pieces[$index + 1] ?? null;
            $before = $index > 0 ? $this->pieces[$index - 1] : null;
            $joins = static fn (?Piece $other): bool => $other instanceof Arc && $other->isPoint() && hypot(
                $other->x - $piece->x, $other->y - $piece->y,
            ) < 1e-9;
            if ($joins($before) || ($index === count($this->pieces) - 1 && $joins($this->pieces[0]))) {
                continue;
            }
            $turns[] = $piece->turn() * ($joins($next)
                || ($index === 0 && $joins($this->pieces[count($this->pieces) - 1])) ? 2 : 1);
        }

        return $turns;
    }

    /** @return list<array{float, float}> its points, where it has any */
    public function vertices(): array
    {
        $vertices = [];
        foreach ($this->pieces as $piece) {
            if (! $piece instanceof Arc || ! $piece->isPoint()) {
                continue;
            }
            $isHere = static fn (array $at): bool => hypot($at[0] - $piece->x, $at[1] - $piece->y) < 1e-9;
            array_filter($vertices, $isHere) !== [] ?: $vertices[] = [$piece->x, $piece->y];
        }

        return $vertices;
    }

    /**
     * Its parallel as a scored wall takes it: to the mitre wherever a bent one goes round a point.
     *
     * @return list<array{float, float}>
     */
    public function mitred(float $offset, int $count): array
    {
        [$vertices, $mitres] = [$this->vertices(), $this->mitres($offset)];

        return array_map(static function (array $point) use ($vertices, $mitres, $offset): array {
            foreach ($vertices as $at => [$x, $y]) {
                if (hypot($point[0] - $x, $point[1] - $y) <= $offset + 1e-9) {
                    return $mitres[$at];
                }
            }

            return [$point[0], $point[1]];
        }, $this->parallel($offset)->points($count));
    }

    /**
     * @return list<array{float, float}> where two walls so far outside the outline meet, mitred at each of its points
     */
    public function mitres(float $offset): array
    {
        $halves = [];
        foreach ($this->pieces as $piece) {
            if ($piece instanceof Arc && $piece->isPoint()) {
                $halves[sprintf('%.6f %.6f', $piece->x, $piece->y)][] = $piece;
            }
        }
        $mitres = [];
        foreach ($halves as $arcs) {
            // The normals of both halves of a point on the axis add up along its bisector.
            [$x, $y] = [0.0, 0.0];
            $turn = 0.0;
            foreach ($arcs as $arc) {
                $turn += $arc->turn();
                $x += 2 * sin($arc->turn() / 2) * cos(($arc->from + $arc->to) / 2);
                $y += 2 * sin($arc->turn() / 2) * sin(($arc->from + $arc->to) / 2);
            }
            $reach = $offset / cos($turn / 2) / hypot($x, $y);
            $mitres[] = [$arcs[0]->x + $reach * $x, $arcs[0]->y + $reach * $y];
        }

        return $mitres;
    }

    /**
     * @return list<float> from the centroid to each side between two points or corners, where it is nearest,
     * counter-clockwise from the top
     */
    public function sides(): array
    {
        if ($this->shape === Shape::Pear) {
            // Its sides are nearest above the middle of their arcs, beside the centroid.
            $left = $this->pieces[1];

            return $left instanceof Arc ? array_fill(0, 2, $left->radius - hypot($left->x, $left->y)) : [];
        }
        $sixths = match ($this->shape) {
            Shape::Trillion => [5, 9, 13],
            Shape::Rectangle, Shape::Cushion => [3, 6, 9, 12],
            Shape::Octagon => [3, 4.5, 6, 7.5, 9, 10.5, 12, 13.5],
            Shape::Marquise => [6, 12],
            default => [],
        };

        return array_map(fn (float $sixth): float => $this->towards($sixth * M_PI / 6), $sixths);
    }

    /** How far the outline reaches from its centroid in a direction. */
    private function towards(float $normal): float
    {
        [$x, $y] = $this->facing($normal, 0.0);

        return $x * cos($normal) + $y * sin($normal);
    }

    /** @return array{float, float, float, float} least and greatest x, least and greatest y */
    public function box(): array
    {
        return [-$this->towards(M_PI), $this->towards(0.0), -$this->towards(3 * M_PI_2), $this->towards(M_PI_2)];
    }
}
