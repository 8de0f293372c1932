<?php

declare(strict_types=1);

namespace HotSprue\Solder;

/**
 * How far down the grades some heats must go: a piece comes together from two, and all joints between those two then
 * flow one under another. Exact where every heat may take every grade that its parts stand, none waits and none is
 * guarded; else no plan goes less far.
 */
final class Descent
{
    /** @var list<int> sets of parts that are one already */
    private array $units = [];

    /** @var list<int> level that each unit stands */
    private array $stands = [];

    /** @var array<int, int> unguarded heats within each set of units */
    private array $within = [];

    public function __construct(private readonly Heats $heats, private readonly Stage $stage) {}

    public function fits(int $rest): bool
    {
        $parts = 0;
        foreach (Assembly::bits($rest) as $heat) {
            $parts |= $this->heats->parts[$heat];
        }
        foreach ($this->stage->pieces as $piece => $level) {
            if ($piece & $parts) {
                [$this->units[], $this->stands[], $parts] = [$piece, $level, $parts & ~$piece];
            }
        }
        foreach (Assembly::bits($parts) as $part) {
            [$this->units[], $this->stands[]] = [1 << $part, 0];
        }
        $this->count($rest);

        return $this->furthest() < Heats::NEVER;
    }

    private function furthest(): int
    {
        $reach = [0];
        $levels = count($this->heats->flows);
        $parts = [0];
        $every = (1 << count($this->units)) - 1;
        for ($set = 1; $set <= $every; $set++) {
            $low = $set & -$set;
            $unit = (int) log($low, 2);
            $parts[$set] = $parts[$set ^ $low] | $this->units[$unit];
            $first = $this->heats->first[$parts[$set]];
            if ($set === $low) {
                $reach[$set] = $this->down($this->within[$set] === 0 ? $this->stands[$unit] : max($this->stands[$unit], $first), $this->within[$set], $levels);

                continue;
            }
            $best = Heats::NEVER;
            // One half of each split holds the lowest unit.
            for ($one = $set & ($set - 1); $one; $one = ($one - 1) & $set & ~$low) {
                $other = $set ^ $one;
                $from = $reach[$one] > $reach[$other] ? $reach[$one] : $reach[$other];
                if ($from >= $best) {
                    continue;
                }
                $between = $this->within[$set] - $this->within[$one] - $this->within[$other];
                $to = $between === 0 ? $from : $this->down($from > $first ? $from : $first, $between, $levels);
                $best = $to < $best ? $to : $best;
            }
            $reach[$set] = $best;
        }

        return $reach[$every];
    }

    /** The level that is left after so many heats, one under another. */
    private function down(int $from, int $heats, int $levels): int
    {
        for (; $heats > 0; $heats--) {
            if ($from >= $levels) {
                return Heats::NEVER;
            }
            $from = $this->heats->cooler($from);
        }

        return $from;
    }

    private function count(int $rest): void
    {
        $every = (1 << count($this->units)) - 1;
        $this->within = array_fill(0, $every + 1, 0);
        foreach (Assembly::bits($rest) as $heat) {
            // A guarded joint lets its grade be used again, wherever it stands in the order.
            if ($this->heats->guarded[$heat]) {
                continue;
            }
            $set = 0;
            foreach ($this->units as $unit => $parts) {
                $set |= $parts & $this->heats->parts[$heat] ? 1 << $unit : 0;
            }
            $this->within[$set]++;
        }
        foreach (array_keys($this->units) as $unit) {
            for ($units = 1; $units <= $every; $units++) {
                $this->within[$units] += $units >> $unit & 1 ? $this->within[$units ^ 1 << $unit] : 0;
            }
        }
    }
}
