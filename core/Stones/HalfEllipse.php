<?php

declare(strict_types=1);

namespace HotSprue\Stones;

/** The left or right half of an ellipse. Its arc length is summed by Simpson's rule, to better than 1 in 10⁹. */
final readonly class HalfEllipse implements Piece
{
    private const STEPS = 128;

    /** @var list<float> arc length to each step */
    private array $lengths;

    /** @var list<float> turn of the normal to each step */
    private array $turns;

    /** @param float $from parameter at which it begins: π/2 on the left, 3π/2 on the right */
    public function __construct(private float $across, private float $along, private float $from = M_PI_2)
    {
        [$lengths, $turns] = [[0.0], [0.0]];
        [$start, $begin, $speed] = [$this->normal($from), $from, $this->speed($from)];
        for ($i = 0; $i < self::STEPS; $i++) {
            $end = $this->parameter($i + 1);
            $endSpeed = $this->speed($end);
            $lengths[] = $lengths[$i]
                + ($end - $begin) / 6 * ($speed + 4 * $this->speed(($begin + $end) / 2) + $endSpeed);
            $turns[] = $this->normal($end) - $start;
            [$begin, $speed] = [$end, $endSpeed];
        }
        [$this->lengths, $this->turns] = [$lengths, $turns];
    }

    private function parameter(int $step): float
    {
        return $this->from + M_PI * $step / self::STEPS;
    }

    private function speed(float $t): float
    {
        return hypot($this->across * sin($t), $this->along * cos($t));
    }

    private function between(float $a, float $b): float
    {
        return ($b - $a) / 6 * ($this->speed($a) + 4 * $this->speed(($a + $b) / 2) + $this->speed($b));
    }

    /** The normal's angle, growing with the parameter. */
    private function normal(float $t): float
    {
        $angle = atan2($this->across * sin($t), $this->along * cos($t));

        return $angle + 2 * M_PI * round(($t - $angle) / (2 * M_PI));
    }

    public function length(float $offset): float
    {
        return $this->lengths[self::STEPS] + M_PI * $offset;
    }

    public function at(float $along, float $offset): array
    {
        // A parallel is longer by its offset times the turn of the normal.
        $to = fn (int $step): float => $this->lengths[$step] + $offset * $this->turns[$step];
        [$low, $high] = [0, self::STEPS];
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            $to($middle) <= $along ? $low = $middle : $high = $middle;
        }
        $begin = $this->parameter($low);
        $t = $begin + ($along - $to($low)) / max(1e-12, $to($high) - $to($low)) * M_PI / self::STEPS;
        for ($i = 0; $i < 2; $i++) {
            $reached = $this->lengths[$low]
                + $this->between($begin, $t)
                + ($offset === 0.0 ? 0.0 : $offset * ($this->normal($t) - $this->normal($this->from)));
            $speed = $this->speed($t);
            $t += ($along - $reached) / ($speed + $offset * $this->across * $this->along / $speed ** 2);
        }
        $normal = $this->normal($t);

        return [
            $this->across * cos($t) + $offset * cos($normal), $this->along * sin($t) + $offset * sin($normal), $normal,
        ];
    }

    public function facing(float $normal, float $offset): ?array
    {
        if ($normal < $this->from - 1e-12 || $normal > $this->from + M_PI + 1e-12) {
            return null;
        }
        [$cos, $sin] = [cos($normal), sin($normal)];
        $reach = hypot($this->across * $cos, $this->along * $sin);

        return [($this->across ** 2 / $reach + $offset) * $cos, ($this->along ** 2 / $reach + $offset) * $sin];
    }

    public function moments(): array
    {
        $side = $this->from < M_PI ? -1 : 1;

        return [M_PI * $this->across * $this->along / 2, $side * 2 / 3 * $this->across ** 2 * $this->along, 0.0];
    }

    public function mirrored(): self
    {
        return new self($this->across, $this->along, 2 * M_PI - $this->from);
    }

    public function moved(float $up, float $right = 0.0): self
    {
        return $this;
    }
}
