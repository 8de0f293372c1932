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

    /** Convection at the flask's wall, W/m²K; radiation comes on top. */
    private const SURFACE = 12.0;

    private const STEFAN_BOLTZMANN = 5.670374e-8;

    private const ABSOLUTE = 273.15;

    /** Latent heats by where they are taken up: free water boils, then the gypsum gives up its own; J/kg. */
    private const BOIL = [95.0, 105.0, 2.257e6];

    private const CALCINE = [120.0, 170.0, 3.1e6];

    /** @var list<float> */
    private array $temperatures;

    /** @var list<float> enthalpy above room temperature, J a kg of dry investment */
    private array $enthalpies;

    /** @var list<float> mass of each shell, kg a metre of cylinder */
    private array $masses = [];

    /**
     * @var list<float> conductance across each shell's outer face, W/K a metre; the last from its middle to the wall
     */
    private array $faces = [];

    /** Area of the wall, m² a metre. */
    private readonly float $wallArea;

    /** @var list<array{float, float, float}> from, to, J a kg of dry investment taken up between them */
    private array $latents = [];

    public float $heatTaken = 0.0;

    public function __construct(
        float $diameter, float $waterPer100, private readonly float $emissivity = 0.85, float $boundWater = 0.06,
        private readonly int $nodes = 40,
    )
    {
        $shell = $diameter / 2 / $nodes;
        foreach ([
            [self::BOIL, max(0.0, $waterPer100 / 100 - $boundWater)], [self::CALCINE, $boundWater],
        ] as [[$from, $to, $heat], $water]) {
            if ($water > 0.0) {
                $this->latents[] = [$from, $to, $water * $heat];
            }
        }
        $this->wallArea = M_PI * $diameter;
        for ($i = 0; $i < $nodes; $i++) {
            $this->masses[] = self::DENSITY * M_PI * $shell ** 2 * (($i + 1) ** 2 - $i ** 2);
            $face = 2 * M_PI * $shell * ($i + 1);
            $this->faces[] = self::CONDUCTIVITY / ($i < $nodes - 1 ? $shell : $shell / 2) * $face;
        }
        $this->temperatures = array_fill(0, $nodes, self::ROOM);
        $this->enthalpies = array_fill(0, $nodes, 0.0);
    }

    public function core(): float
    {
        return $this->temperatures[0];
    }

    /** Temperature of the outer face, where as much comes from the kiln as goes inward. */
    public function wall(float $kiln): float
    {
        return $this->wallBetween($kiln, $this->temperatures[$this->nodes - 1]);
    }

    private function wallBetween(float $kiln, float $last): float
    {
        $inward = $this->faces[$this->nodes - 1];
        $wall = $last;
        for ($round = 0; $round < 4; $round++) {
            $outward = $this->surface($kiln, $wall) * $this->wallArea;
            $wall = ($outward * $kiln + $inward * $last) / ($outward + $inward);
        }

        return $wall;
    }

    /** Convection and radiation between kiln and wall, W/m²K. */
    private function surface(float $kiln, float $wall): float
    {
        [$k, $w] = [$kiln + self::ABSOLUTE, $wall + self::ABSOLUTE];

        return self::SURFACE + $this->emissivity * self::STEFAN_BOLTZMANN * ($k ** 2 + $w ** 2) * ($k + $w);
    }

    /** Temperature so far from the axis, m. */
    public function at(float $radius): float
    {
        $outer = sqrt(array_sum($this->masses) / self::DENSITY / M_PI);
        $place = $radius / $outer * $this->nodes - 0.5;
        $low = (int) max(0, min($this->nodes - 2, floor($place)));

        return $this->temperatures[$low] + ($this->temperatures[$low + 1] - $this->temperatures[$low]) * max(
            0.0, min(1.0, $place - $low),
        );
    }

    /** Heat held above room temperature, J a metre. */
    public function held(): float
    {
        return array_sum(
            array_map(
                static fn (float $mass, float $enthalpy): float => $mass * $enthalpy, $this->masses, $this->enthalpies,
            ),
        );
    }

    /**
     * Goes on by so many seconds, in which the kiln goes evenly from one temperature to another. Second order in time:
     * the error of one whole step is taken out by two halves.
     */
    public function step(float $from, float $to, float $seconds): void
    {
        $start = $this->enthalpies;
        [$whole, $takenWhole] = $this->implicit($start, $to, $seconds);
        [$half, $takenFirst] = $this->implicit($start, ($from + $to) / 2, $seconds / 2);
        [$halves, $takenSecond] = $this->implicit($half, $to, $seconds / 2);
        $this->enthalpies = array_map(static fn (float $two, float $one): float => 2 * $two - $one, $halves, $whole);
        $this->heatTaken += 2 * ($takenFirst + $takenSecond) - $takenWhole;
        $this->temperatures = array_map($this->temperature(...), $this->enthalpies);
    }

    /**
     * One implicit step: what each shell holds changes by exactly what flows.
     *
     * @param  list<float>  $held  enthalpies before
     * @return array{list<float>, float} enthalpies after, and the heat taken in, J a metre
     */
    private function implicit(array $held, float $kiln, float $seconds): array
    {
        [$n, $masses, $faces, $latents] = [$this->nodes, $this->masses, $this->faces, $this->latents];
        $guess = array_map($this->temperature(...), $held);
        $last = $n - 1;
        $upper = $right = $held;
        $outside = 0.0;
        // Newton's steps on the enthalpy, written out in line, since this runs some hundred thousand times in a long
        // burnout.
        for ($round = 0; $round < 30; $round++) {
            $worst = $inner = 0.0;
            $surface = $this->surface($kiln, $this->wallBetween($kiln, $guess[$last])) * $this->wallArea;
            $outside = 1 / (1 / $surface + 1 / $faces[$last]);
            for ($i = 0; $i < $n; $i++) {
                $t = $guess[$i];
                $enthalpy = self::HEAT * ($t - self::ROOM);
                $capacity = self::HEAT;
                foreach ($latents as [$from, $to, $latent]) {
                    if ($t >= $to) {
                        $enthalpy += $latent;
                    } elseif ($t > $from) {
                        $rising = $latent / ($to - $from);
                        $enthalpy += $rising * ($t - $from);
                        $capacity += $rising;
                    }
                }
                $stored = $masses[$i] / $seconds;
                $outer = $i === $last ? $outside : $faces[$i];
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
                $off = abs($new - $guess[$i]);
                $worst = $off > $worst ? $off : $worst;
                $guess[$i] = $new;
            }
            if ($worst < 0.01) {
                break;
            }
        }

        return [array_values(array_map($this->enthalpy(...), $guess)), $outside * ($kiln - $guess[$last]) * $seconds];
    }

    /** J a kg of dry investment, above room temperature. */
    private function enthalpy(float $t): float
    {
        $held = self::HEAT * ($t - self::ROOM);
        foreach ($this->latents as [$from, $to, $latent]) {
            $held += $latent * max(0.0, min(1.0, ($t - $from) / ($to - $from)));
        }

        return $held;
    }

    /** The temperature at which so much is held. */
    private function temperature(float $enthalpy): float
    {
        $before = 0.0;
        foreach ($this->latents as [$from, $to, $latent]) {
            $start = self::HEAT * ($from - self::ROOM) + $before;
            $end = self::HEAT * ($to - self::ROOM) + $before + $latent;
            if ($enthalpy <= $start) {
                break;
            }
            if ($enthalpy < $end) {
                return $from + ($to - $from) * ($enthalpy - $start) / ($end - $start);
            }
            $before += $latent;
        }

        return self::ROOM + ($enthalpy - $before) / self::HEAT;
    }
}
