<?php

declare(strict_types=1);

namespace HotSprue\Solid;

/**
 * The way through a ring that was measured before, and its sections round that: along the finger a ring is least, its
 * band is about as wide as it is across, and its head, where it has one, stands out at one end.
 */
final class PatternBore
{
    /** No finger is thinner. */
    private const LEAST = 8.0;

    /** What stands out farther than the rest by so much is a head, mm. */
    private const HEAD = 0.5;

    /** Two middles nearer to one another than this are one, mm. */
    private const SAME = 1.0;

    /** @var array{int, int} ways that lie across the finger */
    private array $ways;

    /** @var array{float, float, float, float} box across the finger: least and greatest of the one way and the other */
    private array $box;

    /** @var list<PatternHole> about where its middle may lie */
    private array $holes;

    /** @var list<array{PatternCut, PatternCut}> along the one way and along the other, through each of those */
    private array $cuts;

    /**
     * @param  array{float, float, float}  $least
     * @param  array{float, float, float}  $greatest
     * @param  bool  $isFine  whether one corner of each triangle is enough
     */
    public function __construct(array $least, array $greatest, private readonly bool $isFine = false)
    {
        $size = array_map(static fn (float $to, float $from): float => $to - $from, $greatest, $least);
        $order = [0, 1, 2];
        usort($order, static fn (int $one, int $other): int => $size[$one] <=> $size[$other]);
        [$along, $across, $tall] = $order;
        $this->ways = [$across, $tall];
        $this->box = [$least[$across], $greatest[$across], $least[$tall], $greatest[$tall]];
        [$middle, $half] = [($least[$across] + $greatest[$across]) / 2, $size[$across] / 2];
        [$low, $high] = [$least[$tall] + $half, $greatest[$tall] - $half];
        foreach ($high - $low < self::SAME ? [($low + $high) / 2] : [$low, $high] as $high) {
            $this->holes[] = new PatternHole($middle, $high, $half);
            $this->cuts[] = [
                new PatternCut($tall, $high, $across, $middle, $along),
                new PatternCut($across, $middle, $tall, $high, $along),
            ];
        }
    }

    /** @param array<int, float> $t x, y and z of a triangle’s corners */
    public function add(array $t): void
    {
        [$x, $y] = $this->ways;
        [$a, $b, $c] = [$t[$x], $t[3 + $x], $t[6 + $x]];
        [$d, $e, $f] = [$t[$y], $t[3 + $y], $t[6 + $y]];
        foreach ($this->holes as $at => $hole) {
            $hole->add($a, $d);
            if (! $this->isFine) {
                $hole->add($b, $e);
                $hole->add($c, $f);
            }
            // Of the millions few are cut.
            $high = $hole->y;
            $below = $d < $high;
            if ($below !== $e < $high || $below !== $f < $high) {
                $this->cuts[$at][0]->add($t);
            }
            $left = $a < $hole->x;
            if ($left !== $b < $hole->x || $left !== $c < $hole->x) {
                $this->cuts[$at][1]->add($t);
            }
        }
    }

    /** Its diameter, mm; null where nothing of a finger’s width goes through. */
    public function diameter(): ?float
    {
        $diameter = $this->holes[$this->wider()]->circle()[2] ?? 0.0;

        return $diameter >= self::LEAST ? $diameter : null;
    }

    /** Null where nothing of a finger’s width goes through, or the ring does not close round it. */
    public function sections(): ?PatternSections
    {
        $circle = $this->holes[$this->wider()]->circle();
        if ($circle === null || $this->diameter() === null) {
            return null;
        }
        [$one, $other] = $this->cuts[$this->wider()];
        $ends = [$one->below(), $one->above(), $other->below(), $other->above()];
        foreach ($ends as $end) {
            if (! $end->isThere()) {
                return null;
            }
        }
        [$x, $y] = $circle;
        $reach = [$x - $this->box[0], $this->box[1] - $x, $y - $this->box[2], $this->box[3] - $y];
        // Where nothing stands out, its top is where it is heaviest.
        $heads = max($reach) - min($reach) > self::HEAD
            ? $reach : array_map(static fn (PatternSection $end): float => $end->area(), $ends);
        $top = (int) array_search(max($heads), $heads, true);
        $base = $top ^ 1;

        return PatternSections::of(
            $ends[$top], $ends[$base], ...array_values(array_diff_key($ends, [$top => true, $base => true])),
        );
    }

    private function wider(): int
    {
        $near = array_map(static fn (PatternHole $hole): float => $hole->near(), $this->holes);

        return (int) array_search(max($near), $near, true);
    }
}
