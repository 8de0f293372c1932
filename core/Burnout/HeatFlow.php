<?php

declare(strict_types=1);

namespace HotSprue\Burnout;

/**
 * Heat into a flask of gypsum investment: a cylinder, radial only, by implicit finite volumes in enthalpy.
 * Temperatures °C, lengths m, times s. Source: workbook 9, what the core feels.
 */
final class HeatFlow
{
    public const ROOM = 20.0;

    private const CONDUCTIVITY = 0.50;

    private const DENSITY = 1200.0;

    private const HEAT = 1050.0;

    private const SURFACE = 35.0;

    private const BOUND_WATER = 0.06;

    private const BOIL = 2.257e6;

    /** The boil is spread over these temperatures. */
    private const FROM = 95.0;

    private const TO = 105.0;

    /** @var list<float> */
    private array $temperatures;

    /** @var list<float> enthalpy above room temperature, J a kg of dry investment */
    private array $enthalpies;

    /** @var list<float> mass of each shell, kg a metre of cylinder */
    private array $masses = [];

    /** @var list<float> conductance across each shell's outer face, W/K a metre; the last is to the kiln */
    private array $faces = [];

    private readonly float $latent;

    public float $heatTaken = 0.0;

    public function __construct(float $diameter, float $waterPer100, private readonly int $nodes = 40)
    {
        $shell = $diameter / 2 / $nodes;
        $this->latent = max(0.0, $waterPer100 / 100 - self::BOUND_WATER) * self::BOIL;
        for ($i = 0; $i < $nodes; $i++) {
            $this->masses[] = self::DENSITY * M_PI * $shell ** 2 * (($i + 1) ** 2 - $i ** 2);
            $face = 2 * M_PI * $shell * ($i + 1);
            $this->faces[] = $i < $nodes - 1 ? self::CONDUCTIVITY / $shell * $face : $face / (1 / self::SURFACE + $shell / 2 / self::CONDUCTIVITY);
        }
        $this->temperatures = array_fill(0, $nodes, self::ROOM);
        $this->enthalpies = array_fill(0, $nodes, 0.0);
    }

    public function core(): float
    {
        return $this->temperatures[0];
    }

    /** Temperature of the outer face, between the last shell and the kiln. */
    public function wall(float $kiln): float
    {
        $last = $this->temperatures[$this->nodes - 1];
        $face = 2 * M_PI * sqrt(array_sum($this->masses) / self::DENSITY / M_PI);

        return $kiln - $this->faces[$this->nodes - 1] * ($kiln - $last) / (self::SURFACE * $face);
    }

    /** Temperature so far from the axis, m. */
    public function at(float $radius): float
    {
        $outer = sqrt(array_sum($this->masses) / self::DENSITY / M_PI);
        $place = $radius / $outer * $this->nodes - 0.5;
        $low = (int) max(0, min($this->nodes - 2, floor($place)));

        return $this->temperatures[$low] + ($this->temperatures[$low + 1] - $this->temperatures[$low]) * max(0.0, min(1.0, $place - $low));
    }

    /** Heat held above room temperature, J a metre. */
    public function held(): float
    {
        return array_sum(array_map(static fn (float $mass, float $enthalpy): float => $mass * $enthalpy, $this->masses, $this->enthalpies));
    }

    /** Goes on by so many seconds, the kiln at this temperature at their end. */
    public function step(float $kiln, float $seconds): void
    {
        [$n, $masses, $faces] = [$this->nodes, $this->masses, $this->faces];
        /** @var list<float> $guess */
        $guess = $this->temperatures;
        [$held, $latent, $rising] = [$this->enthalpies, $this->latent, $this->latent / (self::TO - self::FROM)];
        $last = $n - 1;
        $upper = $right = $held;
        // Newton's steps on the enthalpy: what is held changes by exactly what flows. Written out in line,
        // since this runs some hundred thousand times in a long burnout.
        for ($round = 0; $round < 30; $round++) {
            $worst = 0.0;
            $inner = 0.0;
            $dry = $latent === 0.0 || min($guess) >= self::TO;
            for ($i = 0; $i < $n; $i++) {
                $t = $guess[$i];
                $enthalpy = self::HEAT * ($t - self::ROOM);
                $capacity = self::HEAT;
                if ($latent > 0.0 && $t > self::FROM) {
                    if ($t >= self::TO) {
                        $enthalpy += $latent;
                    } else {
                        $enthalpy += $rising * ($t - self::FROM);
                        $capacity += $rising;
                    }
                }
                $stored = $masses[$i] / $seconds;
                $outer = $faces[$i];
                $pivot = $stored * $capacity + $inner + $outer;
                $known = $stored * ($held[$i] - $enthalpy + $capacity * $t);
                if ($i > 0) {
                    $pivot -= $inner * $upper[$i - 1];
                    $known += $inner * $right[$i - 1];
                }
                if ($i === $last) {
                    $known += $outer * $kiln;
                    $upper[$i] = 0.0;
                } else {
                    $upper[$i] = $outer / $pivot;
                }
                $right[$i] = $known / $pivot;
                $inner = $outer;
            }
            $new = 0.0;
            for ($i = $last; $i >= 0; $i--) {
                $new = $right[$i] + $upper[$i] * $new;
                $off = $new - $guess[$i];
                $worst = $off > $worst ? $off : ($off < -$worst ? -$off : $worst);
                $guess[$i] = $new;
            }
            // Where nothing boils the sum is straight, and one round is exact.
            if ($worst < 0.02 || ($dry && ($latent === 0.0 || min($guess) >= self::TO))) {
                break;
            }
        }
        $this->heatTaken += $faces[$n - 1] * ($kiln - $guess[$n - 1]) * $seconds;
        $this->enthalpies = array_map(fn (float $t): float => $this->enthalpy($t), array_values($guess));
        $this->temperatures = array_values($guess);
    }

    /** J a kg of dry investment, above room temperature. */
    private function enthalpy(float $t): float
    {
        return self::HEAT * ($t - self::ROOM) + $this->latent * max(0.0, min(1.0, ($t - self::FROM) / (self::TO - self::FROM)));
    }
}
