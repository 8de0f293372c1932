<?php

declare(strict_types=1);

namespace HotSprue\Layout;

use HotSprue\Stones\Outline;

/** Stones of one size on the parallel of a centre stone's outline, equally spaced by arc length. */
final readonly class Ring
{
    /** @var list<array{float, float, float}> */
    public array $places;

    public float $length;

    /** The smallest straight distance between two centres, mm. */
    public float $closest;

    /** @param bool $onTop whether the first stands at the top, else half a pitch off it */
    public function __construct(Outline $outline, float $offset, public int $count, public bool $onTop)
    {
        $parallel = $outline->parallel($offset);
        $this->length = $parallel->length;
        $this->places = $parallel->points($count, $onTop ? 0.0 : $parallel->length / $count / 2);
        $this->closest = self::closest($this->places);
    }

    /** The better of the two starts for a count. */
    public static function best(Outline $outline, float $offset, int $count): self
    {
        $top = new self($outline, $offset, $count, true);
        $half = new self($outline, $offset, $count, false);

        return $half->closest > $top->closest + 1e-9 ? $half : $top;
    }

    /**
     * The most that fit with so much between centres.
     *
     * @return ?self null where not even two fit
     */
    public static function fullest(Outline $outline, float $offset, float $apart, int $most): ?self
    {
        $length = $outline->parallel($offset)->length;
        // A straight distance is never over the arc, so no more than this can fit.
        for ($count = min($most, (int) floor($length / $apart + 1e-9)); $count >= 2; $count--) {
            $ring = self::best($outline, $offset, $count);
            if ($ring->closest >= $apart - 1e-9) {
                return $ring;
            }
        }

        return null;
    }

    /** @param list<array{float, float, float}> $places */
    private static function closest(array $places): float
    {
        $count = count($places);
        $least = INF;
        // Along a convex curve neighbours are nearest; across a narrow one a stone may face another, so all are tried.
        for ($i = 0; $i < $count; $i++) {
            [$x, $y] = $places[$i];
            for ($j = $i + 1; $j < $count; $j++) {
                $dx = $places[$j][0] - $x;
                $dy = $places[$j][1] - $y;
                $square = $dx * $dx + $dy * $dy;
                if ($square < $least) {
                    $least = $square;
                }
            }
        }

        return sqrt($least);
    }
}
