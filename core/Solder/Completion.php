<?php

declare(strict_types=1);

namespace HotSprue\Solder;

/**
 * Whether what is left of a set of heats can be done. Asked in turn, the cheapest first: one under another, how far
 * down it must go at least, by doing always what makes the smallest piece, and at last by every order.
 */
final class Completion
{
    /** @var array<string, bool> */
    private array $known = [];

    /** Heats whose joints do not hang together. */
    private readonly int $apart;

    private readonly bool $waits;

    private readonly bool $alike;

    /** Whether the answer must be right, and not only err towards “no”. */
    private readonly bool $thorough;

    /** @param int $tries so many stages are looked into by every order; then it is said that it cannot be done */
    public function __construct(private readonly Heats $heats, private int $tries)
    {
        $this->thorough = $tries === PHP_INT_MAX;
        $this->alike = $heats->areAlike() && array_filter($heats->guarded) === [];
        $this->waits = array_filter($heats->before) !== [];
        $this->apart = array_sum(
            array_map(
                static fn (int $heat): int => count($heats->together[$heat]) > 1 ? 1 << $heat : 0,
                array_keys($heats->together),
            ),
        );
    }

    public function can(int $set, PartialAssembly $stage): bool
    {
        if ($stage->done === $set) {
            return true;
        }
        // What is left and how the pieces stand that it touches decide; how they came to be does not.
        $rest = $set & ~$stage->done;

        return $this->known["{$rest}".$stage->touched($this->heats->partsOf($rest))] ??= $this->decide($set, $stage);
    }

    /** How many stages have been looked into. */
    public function looked(): int
    {
        return count($this->known);
    }

    private function decide(int $set, PartialAssembly $stage): bool
    {
        // A piece never stands more than it does now: what no solder is left for will find none later.
        foreach (Assembly::bits($set & ~$stage->done) as $heat) {
            if ($this->heats->levelFrom($heat, $stage->least($heat, $this->heats)) === Heats::NEVER) {
                return false;
            }
        }
        if ($this->alike && ! $this->waits && $this->oneUnderAnother($set, $stage)) {
            return true;
        }
        // A heat that is held in two places is left out here: what cannot be done without it cannot be done with it.
        $descent = new Descent($this->heats, $stage, $set & ~$stage->done & ~$this->apart);
        if ($stage->done === 0 || $descent->isShort()) {
            if (! $descent->fits()) {
                return false;
            }
            if ($this->apart === 0 && ! $this->waits && $this->alike) {
                return true;
            }
        }
        if ($this->greedily($set, $stage)) {
            return true;
        }

        if ($stage->done === 0 && $this->thorough && $this->stuck($set) !== null) {
            return false;
        }

        return $this->tries-- > 0 && $this->anyOrder($set, $stage);
    }

    /**
     * A few of the heats that cannot be done even without the rest: two of them, or all at one part or two, with what
     * comes before.
     */
    public function stuck(int $set): ?int
    {
        foreach ($this->cores($set) as $core) {
            if ($core !== $set && ! $this->can($core, PartialAssembly::bare())) {
                return $core;
            }
        }

        return null;
    }

    /** @return list<int> */
    private function cores(int $set): array
    {
        $closed = [];
        foreach (Assembly::bits($set) as $heat) {
            $closed[$heat] = 1 << $heat | $this->heats->before[$heat] & $set;
        }
        $cores = array_values($closed);
        $atPart = [];
        foreach ($closed as $heat => $own) {
            foreach ($closed as $other => $more) {
                if ($heat < $other && $this->heats->parts[$heat] & $this->heats->parts[$other]) {
                    $cores[] = $own | $more;
                }
            }
            foreach (Assembly::bits($this->heats->parts[$heat]) as $part) {
                $atPart[$part] = ($atPart[$part] ?? 0) | $own;
            }
        }

        $beside = [];
        foreach (array_keys($closed) as $heat) {
            $ends = Assembly::bits($this->heats->parts[$heat]);
            $beside[] = array_reduce($ends, static fn (int $all, int $part): int => $all | $atPart[$part], 0);
        }

        return array_values(array_unique([...$cores, ...$atPart, ...$beside]));
    }

    private function oneUnderAnother(int $set, PartialAssembly $stage): bool
    {
        $level = max([$this->heats->first[$this->heats->partsOf($set)], ...$stage->pieces]);
        for ($left = count(Assembly::bits($set & ~$stage->done)); $left > 0; $left--) {
            if ($level >= count($this->heats->flows)) {
                return false;
            }
            $level = $this->heats->cooler($level);
        }

        return true;
    }

    private function greedily(int $set, PartialAssembly $stage): bool
    {
        while ($stage->done !== $set) {
            $best = null;
            for ($heat = 0, $left = $set & ~$stage->done; $left; $heat++, $left >>= 1) {
                if ($left & 1 && ! ($this->heats->before[$heat] & $set & ~$stage->done)) {
                    $level = $this->heats->levelFrom($heat, $stage->least($heat, $this->heats));
                    if ($level === Heats::NEVER) {
                        return false;
                    }
                    $next = [$stage->size($heat, $this->heats), $level, $heat];
                    $best = $best === null ? $next : min($best, $next);
                }
            }
            if ($best === null) {
                return false;
            }
            $stage = $stage->after($best[2], $best[1], $this->heats);
        }

        return true;
    }

    private function anyOrder(int $set, PartialAssembly $stage): bool
    {
        foreach (Assembly::bits($set & ~$stage->done) as $heat) {
            if (! ($this->heats->before[$heat] & $set & ~$stage->done)) {
                // The hottest that is safe leaves the most for what follows.
                $level = $this->heats->levelFrom($heat, $stage->least($heat, $this->heats));
                if ($level < Heats::NEVER && $this->can($set, $stage->after($heat, $level, $this->heats))) {
                    return true;
                }
            }
        }

        return false;
    }
}
