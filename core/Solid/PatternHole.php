<?php

declare(strict_types=1);

namespace HotSprue\Solid;

/** What stands nearest round a place in a ring, each way, and the widest circle between them; mm. */
final class PatternHole
{
    private const WAYS = 720;

    /** Nearer than this to its middle stands nothing of a ring, mm. */
    private const OPEN = 2.0;

    private const STEPS = 16;

    /** So near its middle is found, mm. */
    private const FINE = 1e-4;

    /** @var array<int, array{float, float, float}> the nearest each way, from here, and the square of how near */
    private array $nearest = [];

    private float $near = INF;

    /** @param float $half nothing farther out than this bounds a bore */
    public function __construct(
        public readonly float $x, public readonly float $y, private readonly float $half,
    ) {}

    public function add(float $x, float $y): void
    {
        [$u, $v] = [$x - $this->x, $y - $this->y];
        $far = $u * $u + $v * $v;
        if ($far >= $this->half * $this->half) {
            return;
        }
        if ($far < $this->near) {
            $this->near = $far;
        }
        $way = (int) floor((atan2($v, $u) / M_PI + 1) / 2 * self::WAYS);
        if ($far < ($this->nearest[$way][2] ?? INF)) {
            $this->nearest[$way] = [$u, $v, $far];
        }
    }

    /** How near the nearest stands; endless where nothing does. */
    public function near(): float
    {
        return sqrt($this->near);
    }

    /** @return array{float, float, float}|null middle and diameter; null where it is not closed in all round */
    public function circle(): ?array
    {
        $points = array_values($this->nearest);
        if ($this->near() < self::OPEN || ! self::isAround($points)) {
            return null;
        }
        [$u, $v] = [0.0, 0.0];
        $free = self::free($points, $u, $v);
        // A step to whichever side there is more room, shorter and shorter.
        for ($step = 1.0; $step > self::FINE;) {
            $best = [$u, $v, $free];
            for ($way = 0; $way < self::STEPS; $way++) {
                $angle = 2 * M_PI * $way / self::STEPS;
                $at = [$u + $step * cos($angle), $v + $step * sin($angle)];
                $room = self::free($points, ...$at);
                if ($room > $best[2] && $room + hypot(...$at) <= $this->half) {
                    $best = [...$at, $room];
                }
            }
            $best[2] > $free ? [$u, $v, $free] = $best : $step /= 2;
        }

        return [$this->x + $u, $this->y + $v, 2 * $free];
    }

    /** @param list<array{float, float, float}> $points */
    private static function free(array $points, float $u, float $v): float
    {
        $least = INF;
        foreach ($points as [$x, $y]) {
            $far = ($x - $u) * ($x - $u) + ($y - $v) * ($y - $v);
            if ($far < $least) {
                $least = $far;
            }
        }

        return sqrt($least);
    }

    /** @param list<array{float, float, float}> $points */
    private static function isAround(array $points): bool
    {
        $quarters = array_unique(array_map(
            static fn (array $at): int => ($at[0] < 0 ? 2 : 0) + ($at[1] < 0 ? 1 : 0), $points,
        ));

        return count($points) >= 8 && count($quarters) === 4;
    }
}
