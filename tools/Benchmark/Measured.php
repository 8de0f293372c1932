<?php

declare(strict_types=1);

namespace Tools\Benchmark;

/** One figure beside what is wanted of it. Times are the 95th percentile, ms. */
final readonly class Measured
{
    public function __construct(
        public string $what, public float $figure, public float $wanted, public string $unit = 'ms',
    ) {}

    /** @param callable(): mixed $work */
    public static function of(string $what, int $times, callable $work, float $wanted): self
    {
        // The first rounds warm the caches and are not counted.
        for ($i = 0; $i < min(5, $times); $i++) {
            $work();
        }
        $spent = [];
        for ($i = 0; $i < max(1, $times); $i++) {
            $from = hrtime(true);
            $work();
            $spent[] = (hrtime(true) - $from) / 1e6;
            // Each round as a request of its own, in memory that the one before gave back.
            gc_collect_cycles();
        }
        sort($spent);

        return new self($what, $spent[(int) ceil(0.95 * count($spent)) - 1], $wanted);
    }

    public function isEnough(): bool
    {
        return $this->figure <= $this->wanted;
    }

    /** What was measured beside what is wanted, on one line. */
    public function line(): string
    {
        return sprintf(
            '%-58s %10.2f %-3s of %6.0f%s', $this->what, $this->figure, $this->unit, $this->wanted,
            $this->isEnough() ? '' : '   over',
        );
    }
}
