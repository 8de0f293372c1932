<?php

declare(strict_types=1);

namespace HotSprue\Layout;

use HotSprue\Stones\Outline;

/** Stones of one size on the parallel of a centre stone's outline, equally spaced by arc length. */
final class Ring
{
    /** @var list<array{float, float, float}> */
    public readonly array $places;

    public readonly float $length;

    /** Stones that are tried against all others: half of them where both halves of the centre are alike. */
    private readonly int $tried;

    private ?float $closest = null;

    /** @param bool $onTop whether the first stands at the top, else half a pitch off it */
    public function __construct(
        Outline $outline, float $offset, public readonly int $count, public readonly bool $onTop,
    )
    {
        $parallel = $outline->parallel($offset);
        $this->length = $parallel->length;
        $this->tried = $outline->shape->parts()->isMirrored() ? intdiv($count, 2) + 1 : $count;
        $this->places = $parallel->points($count, $onTop ? 0.0 : $parallel->length / $count / 2);
    }

    /** The better of the two starts for a count. */
    public static function best(Outline $outline, float $offset, int $count): self
    {
        $top = new self($outline, $offset, $count, true);
        $half = new self($outline, $offset, $count, false);

        return $half->closest() > $top->closest() + 1e-9 ? $half : $top;
    }

    /** Whether so many keep their distance, from either start. */
    public static function fits(Outline $outline, float $offset, int $count, float $apart): bool
    {
        return (new self($outline, $offset, $count, true))
            ->keeps($apart) || (new self($outline, $offset, $count, false))->keeps($apart);
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
            if (self::fits($outline, $offset, $count, $apart)) {
                return self::best($outline, $offset, $count);
            }
        }

        return null;
    }

    /** Whether every two centres are so far apart. */
    private function keeps(float $apart): bool
    {
        $least = ($apart - 1e-9) ** 2;
        foreach ($this->places as $i => [$x, $y]) {
            // Neighbours are nearest nearly always, and rule most counts out at once.
            [$nextX, $nextY] = $this->places[($i + 1) % $this->count];
            if (($nextX - $x) ** 2 + ($nextY - $y) ** 2 < $least) {
                return false;
            }
        }

        return $this->closest() >= $apart - 1e-9;
    }

    /** The smallest straight distance between two centres, mm. */
    public function closest(): float
    {
        return $this->closest ??= $this->measured();
    }

    private function measured(): float
    {
        $least = INF;
        // Across a narrow outline a stone may face another, so every two are tried.
        for ($i = 0; $i < $this->tried; $i++) {
            [$x, $y] = $this->places[$i];
            for ($j = $i + 1; $j < $this->count; $j++) {
                $dx = $this->places[$j][0] - $x;
                $dy = $this->places[$j][1] - $y;
                $square = $dx * $dx + $dy * $dy;
                if ($square < $least) {
                    $least = $square;
                }
            }
        }

        return sqrt($least);
    }
}
