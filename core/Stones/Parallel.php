<?php

declare(strict_types=1);

namespace HotSprue\Stones;

/** The true parallel of an outline, gone along by arc length from the top, counter-clockwise. */
final readonly class Parallel
{
    public float $length;

    /** @param list<Piece> $pieces */
    public function __construct(private array $pieces, private float $offset)
    {
        $this->length = array_sum(array_map(fn (Piece $piece): float => $piece->length($offset), $pieces));
    }

    /** @return array{float, float, float} x, y and the angle of the outward normal */
    public function at(float $along): array
    {
        $along = fmod(fmod($along, $this->length) + $this->length, $this->length);
        foreach ($this->pieces as $piece) {
            $long = $piece->length($this->offset);
            if ($along <= $long) {
                return $piece->at($along, $this->offset);
            }
            $along -= $long;
        }
        $last = $this->pieces[count($this->pieces) - 1];

        return $last->at($last->length($this->offset), $this->offset);
    }

    /**
     * Points equally spaced by arc length, and every corner beside them, so that none is cut off.
     *
     * @return list<array{0: float, 1: float, 2?: float}> x and y, from the top, counter-clockwise
     */
    public function corneredPoints(int $count): array
    {
        if ($this->offset > 0
            || array_filter($this->pieces, static fn (Piece $one): bool => $one->length(0.0) < 1e-12) === []) {
            return $this->points($count);
        }
        $placed = array_map(
            fn (int $i): array => [$this->length * $i / $count, ...$this->at($this->length * $i / $count)],
            range(0, $count - 1),
        );
        $along = 0.0;
        foreach ($this->pieces as $piece) {
            if ($piece->length($this->offset) < 1e-12) {
                $placed[] = [$along, ...$piece->at(0.0, $this->offset)];
            }
            $along += $piece->length($this->offset);
        }
        usort($placed, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $points = [];
        foreach ($placed as [$at, $x, $y]) {
            $last = $points === [] ? null : $points[count($points) - 1];
            // A corner on the seam stands at the beginning; at the end it would be there twice.
            $there = $last !== null && hypot($last[0] - $x, $last[1] - $y) < 1e-9
                || $at > $this->length / 2 && hypot($points[0][0] - $x, $points[0][1] - $y) < 1e-9;
            if (! $there) {
                $points[] = [$x, $y];
            }
        }

        return $points;
    }

    /** @return list<array{float, float, float}> equally spaced by arc length, gone along once */
    public function points(int $count, float $start = 0.0): array
    {
        $lengths = array_map(fn (Piece $piece): float => $piece->length($this->offset), $this->pieces);
        $last = count($lengths) - 1;
        $along = fmod(fmod($start, $this->length) + $this->length, $this->length);
        [$step, $piece, $points] = [$this->length / $count, 0, []];
        for ($i = 0; $i < $count; $i++, $along += $step) {
            while ($along > $lengths[$piece] + 1e-12) {
                $along -= $lengths[$piece];
                $piece = $piece === $last ? 0 : $piece + 1;
            }
            $points[] = $this->pieces[$piece]->at(min($along, $lengths[$piece]), $this->offset);
        }

        return $points;
    }
}
