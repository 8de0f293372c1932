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

    private readonly bool $apart;

    private readonly bool $waits;

    private readonly bool $alike;

    /** @param int $tries so many stages are looked into by every order; then it is said that it cannot be done */
    public function __construct(private readonly Heats $heats, private int $tries)
    {
        $this->alike = $heats->areAlike() && array_filter($heats->guarded) === [];
        $this->waits = array_filter($heats->before) !== [];
        $this->apart = array_filter($heats->together, static fn (array $pieces): bool => count($pieces) > 1) !== [];
    }

    public function can(int $set, Stage $stage): bool
    {
        if ($stage->done === $set) {
            return true;
        }
        $key = "{$set} {$stage->key()}";

        return $this->known[$key] ??= $this->decide($set, $stage);
    }

    private function decide(int $set, Stage $stage): bool
    {
        if ($this->alike && ! $this->waits && $this->oneUnderAnother($set, $stage)) {
            return true;
        }
        if (! $this->apart) {
            if (! (new Descent($this->heats, $stage))->fits($set & ~$stage->done)) {
                return false;
            }
            if (! $this->waits && $this->alike) {
                return true;
            }
        }
        if ($this->greedily($set, $stage)) {
            return true;
        }

        return $this->tries-- > 0 && $this->anyOrder($set, $stage);
    }

    private function oneUnderAnother(int $set, Stage $stage): bool
    {
        $parts = 0;
        foreach ($this->heats->parts as $heat => $own) {
            $parts |= $set >> $heat & 1 ? $own : 0;
        }
        $level = max([$this->heats->first[$parts], ...$stage->pieces]);
        for ($left = count(Assembly::bits($set & ~$stage->done)); $left > 0; $left--) {
            if ($level >= count($this->heats->flows)) {
                return false;
            }
            $level = $this->heats->cooler($level);
        }

        return true;
    }

    private function greedily(int $set, Stage $stage): bool
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

    private function anyOrder(int $set, Stage $stage): bool
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
