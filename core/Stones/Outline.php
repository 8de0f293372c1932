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
    /** Outlines kept in a process. */
    private const KEPT = 200;

    /** @param list<Piece> $pieces */
    private function __construct(
        public Shape $shape, public float $long, public float $wide, private float $ratio, private array $pieces,
        private float $area = 0.0,
    ) {}

    /**
     * Made once for the same measures: a piece asks for the outline of each of its stones many times over.
     *
     * @throws ImpossibleOutline
     */
    public static function of(Shape $shape, float $long, float $wide, ?float $ratio = null): self
    {
        /** @var array<string, self> $made */
        static $made = [];
        $key = "{$shape->value} {$long} {$wide} {$ratio}";
        if (count($made) > self::KEPT) {
            $made = [];
        }

        return $made[$key] ??= self::make($shape, $long, $wide, $ratio);
    }

    /** @throws ImpossibleOutline */
    private static function make(Shape $shape, float $long, float $wide, ?float $ratio): self
    {
        $parts = $shape->parts();
        $ratio ??= $parts->ratio() ?? 0.0;
        ImpossibleOutline::unlessPossible($shape, $long, $wide, $ratio);
        $outline = new self($shape, $long, $wide, $ratio, $parts->pieces($long, $wide, $ratio));
        [$area, $across, $moment] = $outline->moments();
        $right = $parts->isMirrored() ? 0.0 : -$across / $area;

        return new self($shape, $long, $wide, $ratio, array_map(
            static fn (Piece $piece): Piece => $piece->moved(-$moment / $area, $right), $outline->pieces,
        ), $area);
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
        return $this->area;
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

    /** @return list<float> the exterior angle at each point, radians; one on the axis is in two halves */
    public function turns(): array
    {
        $turns = [];
        foreach ($this->vertices() as [$x, $y]) {
            $turns[] = array_sum(array_map(static fn (Piece $piece): float => $piece instanceof Arc && $piece->isPoint()
                && hypot($piece->x - $x, $piece->y - $y) < 1e-9 ? $piece->turn() : 0.0, $this->pieces));
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
        return $this->shape->parts()->sides($this, $this->ratio);
    }

    /** @return array{float, float, float} middle and radius of the piece at that place, an arc */
    public function arc(int $place): array
    {
        $piece = $this->pieces[$place];

        return $piece instanceof Arc ? [
            $piece->x, $piece->y, $piece->radius,
        ] : throw new LogicException('No arc there.');
    }

    /** How far the outline reaches from its centroid in a direction. */
    public function towards(float $normal): float
    {
        [$x, $y] = $this->facing($normal, 0.0);

        return $x * cos($normal) + $y * sin($normal);
    }

    /** @return array{float, float, float, float} least and greatest x, least and greatest y */
    public function box(): array
    {
        return [-$this->towards(M_PI), $this->towards(0.0), -$this->towards(3 * M_PI_2), $this->towards(M_PI_2)];
    }

    /** From a point outside to the outline, where it is nearest; less than nothing where the point lies inside. */
    public function distanceTo(float $x, float $y): float
    {
        // The farthest that the point lies beyond any tangent: sought between the ways in which it may be nearest.
        $beyond = fn (float $normal): float => $x * cos($normal) + $y * sin($normal) - $this->towards($normal);
        $best = atan2($y, $x);
        for ($step = M_PI_4 / 2; $step > 1e-9; $step /= 2) {
            foreach ([$best - $step, $best + $step] as $try) {
                $best = $beyond($try) > $beyond($best) ? $try : $best;
            }
        }

        return $beyond($best);
    }

    /** Length of the outline so far outward, or so far inward where that is less than nothing; mm. */
    public function lengthAt(float $offset): float
    {
        return $offset >= 0 ? $this->parallel($offset)->length : InwardOutline::of($this, -$offset)->length;
    }

    /** @return list<array{float, float, float}> each point, and the way out that halves it, radians */
    public function bisected(): array
    {
        return array_map(static fn (array $vertex, array $mitre): array => [
            ...$vertex, atan2($mitre[1] - $vertex[1], $mitre[0] - $vertex[0]),
        ], $this->vertices(), $this->mitres(1.0));
    }
}
