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

    /** @return list<array{float, float, float}> equally spaced by arc length */
    public function points(int $count, float $start = 0.0): array
    {
        return array_map(fn (int $i): array => $this->at($start + $this->length * $i / $count), range(0, $count - 1));
    }
}
