<?php

declare(strict_types=1);

namespace HotSprue\Layout;

use HotSprue\Stones\Outline;

/**
 * Claws that neighbours of one size share: for each pair one outside the ring of stones and one inside. An axis lies
 * where its distance from the middle of each stone it holds is that stone's radius + half the wire − the notch.
 * Source: workbook 5, stones that share claws.
 */
final readonly class SharedClaws
{
    /**
     * @param  list<array{0: float, 1: float, 2?: float}>  $stones  middles in order round the ring, mm
     * @param  ?Outline  $centre  the stone that they stand round
     */
    public function __construct(
        private array $stones, private float $diameter, private float $wire, private float $notch,
        private ?Outline $centre,
    ) {}

    /** The widest gap between two stones that one claw still spans; mm. */
    public function widestGap(): float
    {
        return $this->wire - 2 * $this->notch;
    }

    /**
     * @return list<array{kind: string, x: float, y: float, holds: list<int>, free: float}> outer and inner of each
     *   pair, stones numbered from 1; `free` is how far an inner claw’s wire stands off the centre’s girdle
     */
    public function all(): array
    {
        $claws = [];
        $count = count($this->stones);
        foreach (array_keys($this->stones) as $i) {
            foreach ($this->between($i, ($i + 1) % $count) as $kind => [$x, $y]) {
                $claws[] = [
                    'kind' => $kind, 'x' => $x, 'y' => $y, 'holds' => [$i + 1, ($i + 1) % $count + 1],
                    'free' => $kind === 'inner' ? $this->free($x, $y) : INF,
                ];
            }
        }

        return $claws;
    }

    /** The thickest wire whose inner claws all clear the centre, its notch the same share of it; 0 where none does. */
    public function thickestInner(): float
    {
        $share = $this->notch / $this->wire;
        $clears = function (float $wire) use ($share): bool {
            $claws = (new self($this->stones, $this->diameter, $wire, $share * $wire, $this->centre))->all();
            $inner = array_filter($claws, static fn (array $claw): bool => $claw['kind'] === 'inner');

            return count($inner) === count($this->stones)
                && min(array_column($inner, 'free')) >= -1e-9;
        };
        // Thinner than the gap asks for, a wire holds neither stone.
        $low = $this->thinnest();
        if (! $clears($low)) {
            return 0.0;
        }
        $high = $this->wire;
        while ($high - $low > 1e-4) {
            $middle = ($low + $high) / 2;
            $clears($middle) ? $low = $middle : $high = $middle;
        }

        return $low;
    }

    /** The thinnest wire that spans every gap, its notch the same share of it; mm. */
    public function thinnest(): float
    {
        $gap = 0.0;
        $count = count($this->stones);
        foreach (array_keys($this->stones) as $i) {
            $gap = max($gap, $this->apart($i, ($i + 1) % $count) - $this->diameter);
        }

        return max(0.05, $gap / (1 - 2 * $this->notch / $this->wire) + 1e-9);
    }

    /** @return array<string, array{float, float}> by kind; none where the wire does not span the gap */
    private function between(int $one, int $other): array
    {
        [$ax, $ay] = $this->stones[$one];
        [$bx, $by] = $this->stones[$other];
        $half = $this->apart($one, $other) / 2;
        $reach = $this->diameter / 2 + $this->wire / 2 - $this->notch;
        if ($reach < $half - 1e-12) {
            return [];
        }
        $up = sqrt(max(0.0, $reach ** 2 - $half ** 2));
        // Of the two points beside the middle, outward is to the right of the way round.
        [$nx, $ny] = [($by - $ay) / (2 * $half), -($bx - $ax) / (2 * $half)];
        [$mx, $my] = [($ax + $bx) / 2, ($ay + $by) / 2];

        return [
            'outer' => [$mx + $up * $nx, $my + $up * $ny],
            'inner' => [$mx - $up * $nx, $my - $up * $ny],
        ];
    }

    private function apart(int $one, int $other): float
    {
        return hypot(
            $this->stones[$other][0] - $this->stones[$one][0], $this->stones[$other][1] - $this->stones[$one][1],
        );
    }

    private function free(float $x, float $y): float
    {
        return $this->centre === null ? INF : $this->centre->distanceTo($x, $y) - $this->wire / 2;
    }
}
