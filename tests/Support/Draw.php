<?php

declare(strict_types=1);

namespace Tests\Support;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Sums drawn at random, the same ones each run, so that a failure is found again. */
final readonly class Draw
{
    private Randomizer $dice;

    public function __construct(int $seed)
    {
        $this->dice = new Randomizer(new Mt19937($seed));
    }

    /** Between two figures, in steps that a bench would type. */
    public function between(float $least, float $most, float $step = 0.01): float
    {
        return round($least + $step * $this->dice->getInt(0, (int) round(($most - $least) / $step)), 6);
    }

    public function whole(int $least, int $most): int
    {
        return $this->dice->getInt($least, $most);
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $from
     * @return T
     */
    public function pick(array $from): mixed
    {
        return $from[$this->dice->getInt(0, count($from) - 1)];
    }
}
