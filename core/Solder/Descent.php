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
    private const SHORT = 5;

    /** @var list<int> sets of parts that are one already */
    private array $units = [];

    /** @var list<int> level that each unit stands */
    private array $stands = [];

    /** @var array<int, int> unguarded heats within each set of units */
    private array $within = [];

    private readonly int $rest;

    /** @param int $rest heats that are left */
    public function __construct(private readonly Heats $heats, PartialAssembly $stage, int $rest)
    {
        $parts = $heats->partsOf($rest);
        foreach ($stage->pieces as $piece => $level) {
            if ($piece & $parts) {
                [$this->units[], $this->stands[], $parts] = [$piece, $level, $parts & ~$piece];
            }
        }
        foreach (Assembly::bits($parts) as $part) {
            [$this->units[], $this->stands[]] = [1 << $part, 0];
        }
        $this->rest = $rest;
    }

    /** Whether it is soon reckoned: each piece more takes three times as long. */
    public function isShort(): bool
    {
        return count($this->units) <= self::SHORT;
    }

    public function fits(): bool
    {
        $this->count($this->rest);

        return $this->furthest() < Heats::NEVER;
    }

    private function furthest(): int
    {
        /** @var array<int, int> $reach */
        $reach = [0];
        $after = $this->afterSoMany();
        /** @var array<int, int> $parts */
        $parts = [0];
        $every = (1 << count($this->units)) - 1;
        for ($set = 1; $set <= $every; $set++) {
            $low = $set & -$set;
            $unit = (int) log($low, 2);
            $parts[$set] = $parts[$set ^ $low] | $this->units[$unit];
            $first = $this->heats->first[$parts[$set]];
            $best = Heats::NEVER;
            if ($set === $low) {
                $from = $this->within[$set] === 0 ? $this->stands[$unit] : max($this->stands[$unit], $first);
                $best = $after[$from][$this->within[$set]];
            }
            // One half of each split holds the lowest unit.
            for ($one = $set & ($set - 1); $one; $one = ($one - 1) & $set & ~$low) {
                $other = $set ^ $one;
                $from = $reach[$one] > $reach[$other] ? $reach[$one] : $reach[$other];
                if ($from >= $best) {
                    continue;
                }
                $between = $this->within[$set] - $this->within[$one] - $this->within[$other];
                $to = $between === 0 ? $from : $after[$from > $first ? $from : $first][$between];
                $best = $to < $best ? $to : $best;
            }
            // What some pieces cannot do, more of them cannot.
            if ($best === Heats::NEVER) {
                return $best;
            }
            $reach[$set] = $best;
        }

        return $reach[$every];
    }

    /**
     * @return array<int, array<int, int>> the level that is left from each level after so many heats, one under another
     */
    private function afterSoMany(): array
    {
        $levels = count($this->heats->flows);
        $most = max($this->within);
        $after = [];
        for ($from = 0; $from <= $levels; $from++) {
            $after[$from] = [$last = $from];
            for ($heats = 1; $heats <= $most; $heats++) {
                $last = $last >= $levels ? Heats::NEVER : $this->heats->cooler($last);
                $after[$from][] = $last;
            }
        }

        return $after;
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
