<?php

declare(strict_types=1);

namespace HotSprue\Heat;

/**
 * What a flame does to a piece: explicit steps of at most 20 ms, split where a small node needs it. Energy given is
 * stored or lost. Source: workbook 20, the flame.
 */
final class Fire
{
    /** Longest step, s. */
    public const STEP = 0.02;

    /** Air takes this from a surface, W/m²K. */
    public const AIR = 12.0;

    /** W/m²K⁴. */
    private const STEFAN_BOLTZMANN = 5.670374e-8;

    private const KELVIN = 273.15;

    /** A sink or wet paste holds its node under this, °C. */
    private const WET = 100.0;

    /** Silver without a coat blackens over this, °C. */
    private const BLACKENS = 600.0;

    /** A step moves a node no more than this share of the way to where its neighbours draw it. */
    private const SHARE = 0.25;

    /** @var array<int, Node> */
    private array $nodes;

    /** @var array<int, float> °C */
    private array $heats;

    /** @var array<int, float> J/K */
    private array $takes;

    /** @var array<int, float> W/K from the flame */
    private array $flames;

    /** @var array<int, float> W/K to air and to what holds it */
    private array $cools;

    /** @var array<int, float> W/K⁴ */
    private array $glows;

    /** @var list<array{int, int, float}> from, to and W/K within the parts */
    private readonly array $ways;

    /** @var array<int, float> W/K that draw each node, but for its glow */
    private array $draws = [];

    /** @var list<array{int, int, float}>|null from, to and W/K within the joints */
    private ?array $joints = null;

    /** @var list<array{int, int, float}> the same within parts and joints */
    private array $led = [];

    /** Whether a heat sink or wet paste is on the piece. */
    private readonly bool $isWet;

    /** Under this nothing blackens or melts, °C. */
    private readonly float $quiet;

    /** @var array<int, float> J that each node took from the flame */
    private array $given;

    /** @var array<int, float> J that each node lost */
    private array $lost;

    private function __construct(private readonly Piece $piece, private readonly TorchFlame $flame)
    {
        $this->nodes = $piece->nodes;
        $this->heats = array_map(static fn (Node $node): float => $node->celsius, $this->nodes);
        $this->takes = array_map(static fn (Node $node): float => $node->heat(), $this->nodes);
        $this->flames = array_map(
            static fn (Node $node): float => $flame->on($node->x, $node->y) * $node->surface * 1e-6 / 2, $this->nodes,
        );
        $this->cools = array_map(
            static fn (Node $node): float => self::AIR * $node->surface * 1e-6 + $node->held, $this->nodes,
        );
        $this->glows = array_map(self::glow(...), $this->nodes);
        $this->ways = array_map(
            static fn (Link $link): array => [$link->from, $link->to, $link->conducts], $piece->links,
        );
        $this->isWet = array_filter($this->nodes, static fn (Node $node): bool => $node->sink > 0.0) !== [];
        $this->quiet = min(self::BLACKENS, ...array_map(static fn (Node $node): float => $node->solidus, $this->nodes));
        $this->given = $this->lost = array_fill(0, count($this->nodes), 0.0);
    }

    /**
     * @param  float  $seconds  over 0
     * @param  float  $step  s, the longest step taken
     */
    public static function burn(Piece $piece, TorchFlame $flame, float $seconds, float $step = self::STEP): Burnt
    {
        return (new self($piece, $flame))->run($seconds, $step);
    }

    private function run(float $seconds, float $step): Burnt
    {
        $steps = max(1, (int) ceil($seconds / $step - 1e-9));
        $joining = new Joining($this->piece->contacts);
        $signs = [];
        for ($at = 1; $at <= $steps; $at++) {
            $this->advance($seconds / $steps, $joining->leads());
            $this->look($seconds / $steps, $signs);
            $joining->look($this->heats, $seconds / $steps, $this->piece->seconds + $at * $seconds / $steps);
        }
        $nodes = [];
        foreach ($this->nodes as $index => $node) {
            $nodes[] = $node->with(celsius: $this->heats[$index]);
        }

        return new Burnt(
            $this->piece->with($nodes, $joining->contacts(), $this->piece->seconds + $seconds),
            [...$signs, ...$joining->signs()], $this->byPart($this->given), $this->byPart($this->lost),
        );
    }

    /** @param list<array{int, int, float}> $joints from, to and W/K */
    private function advance(float $seconds, array $joints): void
    {
        if ($joints !== $this->joints) {
            $this->lead($joints);
        }
        $splits = $this->splits($seconds);
        $ways = $this->led;
        $seconds /= $splits;
        $hot = $this->flame->torch->flame();
        $cold = (Node::AIR + self::KELVIN) ** 4;
        // Most of a rehearsal's time is spent here: asked of $this once, not for every node of every split.
        [$heats, $flames, $cools, $glows] = [$this->heats, $this->flames, $this->cools, $this->glows];
        [$takes, $inAll, $lostInAll] = [$this->takes, $this->given, $this->lost];
        for ($split = 0; $split < $splits; $split++) {
            $gains = [];
            foreach ($heats as $index => $celsius) {
                $given = $celsius < $hot ? $flames[$index] * ($hot - $celsius) : 0.0;
                $square = ($celsius + self::KELVIN) * ($celsius + self::KELVIN);
                $lost = $cools[$index] * ($celsius - Node::AIR) + $glows[$index] * ($square * $square - $cold);
                $inAll[$index] += $given * $seconds;
                $lostInAll[$index] += $lost * $seconds;
                $gains[] = $given - $lost;
            }
            foreach ($ways as [$from, $to, $conducts]) {
                $passes = $conducts * ($heats[$from] - $heats[$to]);
                $gains[$from] -= $passes;
                $gains[$to] += $passes;
            }
            foreach ($gains as $index => $gain) {
                $heats[$index] += $gain * $seconds / $takes[$index];
            }
        }
        [$this->heats, $this->given, $this->lost] = [$heats, $inAll, $lostInAll];
    }

    /** @param list<array{int, int, float}> $joints from, to and W/K, otherwise than in the step before */
    private function lead(array $joints): void
    {
        [$this->joints, $this->led, $this->draws] = [$joints, [...$this->ways, ...$joints], []];
        foreach ($this->flames as $index => $flame) {
            $this->draws[$index] = $flame + $this->cools[$index];
        }
        foreach ($this->led as [$from, $to, $conducts]) {
            $this->draws[$from] += $conducts;
            $this->draws[$to] += $conducts;
        }
    }

    /** How often a step is split so that the quickest node stays steady. */
    private function splits(float $seconds): int
    {
        [$draws, $glows, $takes] = [$this->draws, $this->glows, $this->takes];
        $quickest = 0.0;
        foreach ($this->heats as $index => $celsius) {
            $kelvin = ($celsius > 0.0 ? $celsius : 0.0) + self::KELVIN;
            $own = ($draws[$index] + 4 * $glows[$index] * $kelvin * $kelvin * $kelvin) / $takes[$index];
            $quickest = $own > $quickest ? $own : $quickest;
        }

        return max(1, (int) ceil($seconds * $quickest / self::SHARE));
    }

    /**
     * What metal and paste do at the heat they have come to.
     *
     * @param  list<Sign>  $signs
     */
    private function look(float $seconds, array &$signs): void
    {
        if (! $this->isWet && max($this->heats) <= $this->quiet) {
            return;
        }
        foreach ($this->nodes as $index => $node) {
            if ($node->sink > 0.0) {
                $over = max(0.0, $this->heats[$index] - self::WET);
                $this->lost[$index] += $over * $this->takes[$index];
                $this->heats[$index] -= $over;
                $this->nodes[$index] = $node = $node->with(sink: max(0.0, $node->sink - $seconds));
            }
            if (! $node->slumped && $this->heats[$index] > $node->solidus) {
                $this->nodes[$index] = $node = $node->with(slumped: true);
                $signs[] = new Sign('slumps', $node->part);
            }
            if ($node->silver && ! $node->coated && ! $node->black && $this->heats[$index] > self::BLACKENS
                && $this->flame->isOpenAt($node->x, $node->y)) {
                $this->nodes[$index] = $node = $node->with(black: true);
                $this->glows[$index] = self::glow($node);
                $signs[] = new Sign('blackens', $node->part);
            }
        }
    }

    /**
     * @param  array<int, float>  $joules  by node
     * @return array<string, float> by part
     */
    private function byPart(array $joules): array
    {
        $parts = [];
        foreach ($this->nodes as $index => $node) {
            $parts[$node->part] = ($parts[$node->part] ?? 0.0) + $joules[$index];
        }

        return $parts;
    }

    /**
     * W that clean metal loses to the air and by its glow.
     *
     * @param  float  $surface  mm²
     */
    public static function losesClean(float $surface, float $celsius): float
    {
        $kelvin = $celsius + self::KELVIN;

        return $surface * 1e-6 * (self::AIR * ($celsius - Node::AIR)
            + Node::CLEAN * self::STEFAN_BOLTZMANN * ($kelvin ** 4 - (Node::AIR + self::KELVIN) ** 4));
    }

    private static function glow(Node $node): float
    {
        return $node->emissivity() * self::STEFAN_BOLTZMANN * $node->surface * 1e-6;
    }
}
