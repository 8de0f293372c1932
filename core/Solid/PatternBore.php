<?php

declare(strict_types=1);

namespace HotSprue\Solid;

/**
 * How wide the way through a ring is, that was read before: it is least along the finger, its band is round and as wide
 * as the ring is across, and its head, where it has one, stands at one end of its height.
 */
final class PatternBore
{
    /** No finger is thinner. */
    private const LEAST = 8.0;

    /** @var array{int, int} ways that lie across the finger */
    private array $ways;

    /** @var list<array{float, float}> where the middle of the bore may lie */
    private array $middles;

    private float $across;

    /** @var array<int, float> squares of how near the pattern comes to each */
    private array $near = [INF, INF];

    /**
     * @param  array{float, float, float}  $least
     * @param  array{float, float, float}  $greatest
     */
    public function __construct(array $least, array $greatest)
    {
        $size = array_map(static fn (float $to, float $from): float => $to - $from, $greatest, $least);
        $order = [0, 1, 2];
        usort($order, static fn (int $one, int $other): int => $size[$one] <=> $size[$other]);
        [, $across, $tall] = $order;
        $this->ways = [$across, $tall];
        $this->across = $size[$across];
        [$middle, $half] = [($least[$across] + $greatest[$across]) / 2, $size[$across] / 2];
        $this->middles = [[$middle, $least[$tall] + $half], [$middle, $greatest[$tall] - $half]];
    }

    /** @param array<int, float> $t x, y and z of a triangle’s corners */
    public function add(array $t): void
    {
        [$x, $z] = $this->ways;
        foreach ([0, 3, 6] as $corner) {
            foreach ($this->middles as $at => [$a, $b]) {
                $far = ($t[$corner + $x] - $a) ** 2 + ($t[$corner + $z] - $b) ** 2;
                if ($far < $this->near[$at]) {
                    $this->near[$at] = $far;
                }
            }
        }
    }

    /** Its diameter, mm; null where nothing of a finger’s width goes through. */
    public function diameter(): ?float
    {
        $diameter = 2 * sqrt(max($this->near));

        // Where nothing goes through, the nearest corner may lie farther out than the side.
        return $diameter >= self::LEAST && $diameter < $this->across ? $diameter : null;
    }
}
