<?php

declare(strict_types=1);

namespace HotSprue\Solder;

/**
 * A piece half made: which heats are done, and for each set of parts that hangs together the hottest level it stands
 * now.
 */
final readonly class PartialAssembly
{
    /** @param array<int, int> $pieces */
    private function __construct(public int $done, public array $pieces) {}

    public static function bare(): self
    {
        return new self(0, []);
    }

    /** The hottest level at which a heat may flow now. */
    public function least(int $heat, Heats $heats): int
    {
        $parts = $own = $heats->parts[$heat];
        $least = 0;
        foreach ($this->pieces as $piece => $level) {
            if ($piece & $own) {
                $parts |= $piece;
                $least = $level > $least ? $level : $least;
            }
        }

        return max($least, $heats->first[$parts]);
    }

    /** How many parts hang together once a heat is done. */
    public function size(int $heat, Heats $heats): int
    {
        $parts = $heats->parts[$heat];
        foreach ($this->pieces as $piece => $level) {
            $parts |= $piece & $heats->parts[$heat] ? $piece : 0;
        }

        return count(Assembly::bits($parts));
    }

    public function after(int $heat, int $level, Heats $heats): self
    {
        $pieces = $this->pieces;
        foreach ($heats->together[$heat] as [$parts, $guarded]) {
            $then = $guarded ? $level : $heats->cooler($level);
            foreach ($pieces as $piece => $other) {
                if ($piece & $parts) {
                    $parts |= $piece;
                    $then = $other > $then ? $other : $then;
                    unset($pieces[$piece]);
                }
            }
            $pieces[$parts] = $then;
        }

        return new self($this->done | 1 << $heat, $pieces);
    }

    public function key(): string
    {
        $pieces = $this->pieces;
        ksort($pieces);
        $key = (string) $this->done;
        foreach ($pieces as $piece => $level) {
            $key .= " {$piece}:{$level}";
        }

        return $key;
    }

    /** How the pieces stand that have any of these parts. */
    public function touched(int $parts): string
    {
        $pieces = $this->pieces;
        ksort($pieces);
        $key = '';
        foreach ($pieces as $piece => $level) {
            $key .= $piece & $parts ? " {$piece}:{$level}" : '';
        }

        return $key;
    }
}
