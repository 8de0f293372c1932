<?php

declare(strict_types=1);

namespace HotSprue\Heat;

use const INF;

use HotSprue\Stock\Alloy;

/**
 * The minute of a pour: the metal comes to heat under the torch, its look tells when, and the flask cools meanwhile.
 * Source: workbook 10, the checklist, and 20, rehearsed.
 */
final readonly class PourRehearsed
{
    /** A charge and a flask as a rehearsal has them where nothing else is said: g, °C. */
    public const CHARGE = 25.0;

    public const FLASK = 540.0;

    /** What a torch gives the metal, W; and the heat that it would never pass, °C. */
    private const TORCH = 200.0;

    private const HOTTEST = 1400.0;

    private const ROOM = 20.0;

    /** While it melts it climbs so many times slower. */
    private const MELTING = 3.0;

    /** Without the torch metal in the crucible falls so fast, and a flask out of the kiln, °C/s. */
    private const COOLS = 25.0;

    private const FLASK_FALLS = 0.8;

    /** A flask may fall so far, and metal be so far over its pouring heat, before the casting suffers, °C. */
    private const FLASK_MAY = 50.0;

    private const OVER = 40.0;

    /** @param array<string, float> $done when each step was done, s, by its name */
    public function __construct(
        private Alloy $alloy, private float $mass, private float $flask, private array $done,
    ) {}

    /** The metal at some time, °C. */
    public function metal(float $at): float
    {
        $lit = $this->done['torch'] ?? INF;
        $off = min($this->done['torch-off'] ?? INF, $at);
        if ($lit >= $at) {
            return self::ROOM;
        }
        $hottest = $this->heated(max(0.0, $off - $lit));

        return max(self::ROOM, $hottest - self::COOLS * max(0.0, $at - $off));
    }

    /** The flask at some time, °C. */
    public function flaskAt(float $at): float
    {
        return $this->flask - self::FLASK_FALLS * max(0.0, $at - ($this->done['flask'] ?? $at));
    }

    public function isPoured(): bool
    {
        return isset($this->done['release']);
    }

    /** What the eye sees in the crucible. */
    public function look(float $at): string
    {
        $celsius = $this->metal($at);
        $melts = $this->alloy->liquidus;
        $isFluxed = ($this->done['flux'] ?? INF) <= $at;

        return match (true) {
            $celsius < 520 => 'cold metal', $celsius < $this->alloy->solidus => 'it glows, and keeps its edges',
            $celsius < $melts => 'it slumps together, grey and wrinkled',
            ! $isFluxed => 'melted, under a dull skin that does not clear',
            $celsius < $melts + $this->low() => 'melted, and rolls slowly',
            $celsius <= $melts + $this->high() + self::OVER => 'it rolls, bright as a mirror',
            default => 'it smokes and boils',
        };
    }

    /** What became of it; null before the release. */
    public function outcome(): ?PourOutcome
    {
        $at = $this->done['release'] ?? null;
        if ($at === null) {
            return null;
        }
        $has = fn (string $step): bool => ($this->done[$step] ?? INF) <= $at;
        $over = $this->metal($at) - $this->alloy->liquidus;

        return match (true) {
            ! $has('flask'), ! $has('arm') => PourOutcome::Spilled,
            $over < $this->low(), $this->flaskAt($at) < $this->flask - self::FLASK_MAY => PourOutcome::Unfilled,
            $over > $this->high() + self::OVER => PourOutcome::Gassed,
            ! $has('flux'), ! $has('crucible') => PourOutcome::Dirty,
            default => PourOutcome::Filled,
        };
    }

    /** What happened, and what to do otherwise, in one sentence. */
    public function said(): string
    {
        $at = $this->done['release'] ?? 0.0;
        $before = fn (string $step): bool => ($this->done[$step] ?? INF) <= $at;

        return match ($this->outcome()) {
            null => 'Not poured yet: the look of the metal tells when.',
            PourOutcome::Spilled => $before('flask')
                ? 'The arm was not balanced and wound: it lurched, and metal flew into the guard.'
                : 'There was no flask in the cradle: metal flew into the guard.',
            PourOutcome::Unfilled => match (true) {
                ! $before('torch') => 'The metal was cold: torch on it first.',
                $before('torch-off') => 'The torch was off before the release, and the metal froze in the crucible: '
                    .'it stays on until the arm is let go.',
                $this->metal($at) < $this->alloy->liquidus + $this->low() => 'Released before the metal rolled bright: '
                    .'wait for the mirror.',
                default => sprintf(
                    'The flask stood %.0f s out of the kiln and grew too cold: seat it when the metal is nearly ready.',
                    $at - $this->done['flask'],
                ),
            },
            PourOutcome::Gassed => 'The metal smoked and boiled before the release: it takes up gas, and the casting '
                .'is full of pits; let go at the mirror.',
            PourOutcome::Dirty => $before('flux')
                ? 'The crucible was not glazed: its grit is in the casting.'
                : 'There was no flux: the dull skin went into the casting with the metal.',
            PourOutcome::Filled => $this->isInOrder()
                ? 'It filled: bright metal, a warm flask, the torch on it to the last.'
                : 'It filled, but not in order: arm and crucible come before the torch, the flask last of all.',
        };
    }

    private function isInOrder(): bool
    {
        $order = array_values(array_intersect(
            array_keys($this->done), array_diff(PourStep::names(), [PourStep::Flux->value]),
        ));

        return $order === array_values(array_intersect(
            array_diff(PourStep::names(), [PourStep::Flux->value]), $order,
        ));
    }

    /** After so much torch, °C: as a lump warms, slower while it melts. */
    private function heated(float $seconds): float
    {
        $slow = self::HOTTEST * $this->heat() / self::TORCH;
        $time = static fn (float $celsius): float => -$slow
            * log(1 - min(0.999, ($celsius - self::ROOM) / self::HOTTEST));
        $climb = static fn (float $spent): float => self::ROOM + self::HOTTEST * (1 - exp(-$spent / $slow));
        [$begins, $ends] = [$time($this->alloy->solidus), $time($this->alloy->liquidus)];
        $extra = (self::MELTING - 1) * ($ends - $begins);

        return match (true) {
            $seconds <= $begins => $climb($seconds),
            $seconds <= $ends + $extra => $climb($begins + ($seconds - $begins) / self::MELTING),
            default => $climb($seconds - $extra),
        };
    }

    /** J that a degree takes. Source: workbook 10, heats of metals */
    private function heat(): float
    {
        return $this->mass * match (true) {
            $this->alloy->metal === 'silver' => 0.28, $this->alloy->metal !== 'gold' => 0.40,
            $this->alloy->fineness >= 0.75 => 0.18, default => 0.26
        };
    }

    private function low(): float
    {
        return $this->alloy->superheatLow ?? 50.0;
    }

    private function high(): float
    {
        return $this->alloy->superheatHigh ?? 80.0;
    }
}
