<?php

declare(strict_types=1);

namespace HotSprue\Solid;

/** A closed body of triangles that face outward; mm. x is across the finger, y along it, z up through the top. */
final readonly class Mesh
{
    /**
     * @param  list<float>  $points  x, y and z of one point after another
     * @param  list<int>  $faces  three points of one triangle after another, counter-clockwise from outside
     */
    private function __construct(public array $points, public array $faces) {}

    /**
     * Turned right side out, where it is inside out.
     *
     * @param  list<float>  $points
     * @param  list<int>  $faces
     */
    public static function of(array $points, array $faces): self
    {
        $mesh = new self($points, $faces);

        return $mesh->volume() < 0 ? $mesh->turned() : $mesh;
    }

    public static function together(self ...$meshes): self
    {
        $points = $faces = [];
        foreach ($meshes as $mesh) {
            $before = intdiv(count($points), 3);
            array_push($points, ...$mesh->points);
            foreach ($mesh->faces as $at) {
                $faces[] = $at + $before;
            }
        }

        return new self($points, $faces);
    }

    public function triangles(): int
    {
        return intdiv(count($this->faces), 3);
    }

    /** By the divergence sum, mm³. */
    public function volume(): float
    {
        $sum = 0.0;
        [$p, $f] = [$this->points, $this->faces];
        for ($i = 0, $count = count($f); $i < $count; $i += 3) {
            [$a, $b, $c] = [3 * $f[$i], 3 * $f[$i + 1], 3 * $f[$i + 2]];
            $sum += $p[$a] * ($p[$b + 1] * $p[$c + 2] - $p[$b + 2] * $p[$c + 1])
                + $p[$a + 1] * ($p[$b + 2] * $p[$c] - $p[$b] * $p[$c + 2])
                + $p[$a + 2] * ($p[$b] * $p[$c + 1] - $p[$b + 1] * $p[$c]);
        }

        return $sum / 6;
    }

    /** @return array{array{float, float, float}, array{float, float, float}} least and greatest x, y and z */
    public function box(): array
    {
        [$least, $most] = [[INF, INF, INF], [-INF, -INF, -INF]];
        foreach ($this->points as $at => $value) {
            $way = $at % 3;
            $least[$way] = min($least[$way], $value);
            $most[$way] = max($most[$way], $value);
        }

        return [$least, $most];
    }

    public function placed(Frame $frame): self
    {
        $points = [];
        for ($i = 0, $count = count($this->points); $i < $count; $i += 3) {
            array_push($points, ...$frame->point($this->points[$i], $this->points[$i + 1], $this->points[$i + 2]));
        }

        return new self($points, $this->faces);
    }

    /** Larger or smaller every way about the origin. */
    public function scaled(float $by): self
    {
        return new self(array_map(static fn (float $at): float => $at * $by, $this->points), $this->faces);
    }

    private function turned(): self
    {
        $faces = [];
        for ($i = 0, $count = count($this->faces); $i < $count; $i += 3) {
            array_push($faces, $this->faces[$i], $this->faces[$i + 2], $this->faces[$i + 1]);
        }

        return new self($this->points, $faces);
    }
}
