<?php

declare(strict_types=1);

namespace HotSprue\Kiln;

/**
 * How a simulated kiln fares: a pure function of its programme, its faults and the minutes since it was switched on.
 */
final readonly class SimulatedKiln
{
    private const ROOM = 20.0;

    /** Minutes in which what is asked of it and what it is draw together. */
    private const LAG = 2.0;

    private const OPEN_DOOR = 6.0;

    private const NO_POWER = 90.0;

    private const WEAK_CLIMB = 2.0;

    private const STEP = 0.5;

    /**
     * @param  list<array{to: float, minutes: float, climb?: float}>  $stages
     *   where it goes, for how long with its ramp, and how fast it climbs there, °C a minute, if slower than the kiln
     * @param  list<KilnFault>  $events
     */
    public function __construct(
        private array $stages, private array $events = [], private float $climb = 6.0, private float $fall = 3.0,
    ) {}

    public function length(): float
    {
        return array_sum(array_column($this->stages, 'minutes'));
    }

    /** What the programme asks at a minute, °C; after its end it holds the last. */
    public function planned(float $minute): float
    {
        $at = self::ROOM;
        foreach ($this->stages as $stage) {
            $here = min($minute, $stage['minutes']);
            $at = $stage['to'] > $at ? min(
                $stage['to'], $at + min($this->climb, $stage['climb'] ?? $this->climb) * $here,
            ) : max($stage['to'], $at - $this->fall * $here);
            if ($minute <= $stage['minutes']) {
                return $at;
            }
            $minute -= $stage['minutes'];
        }

        return $at;
    }

    /**
     * What the thermocouple reads at each of these minutes, in rising order; null where it is lost.
     *
     * @param  list<float>  $minutes
     * @return list<?float>
     */
    public function readings(array $minutes): array
    {
        $readings = [];
        $at = self::ROOM;
        $now = 0.0;
        foreach ($minutes as $minute) {
            while ($now < $minute - 1e-9) {
                $step = min(self::STEP, $minute - $now);
                $now += $step;
                $at = $this->next($at, $now, $step);
            }
            $lost = $this->hasFault('thermocouple', $minute);
            // A kiln hunts a little about what it is set to.
            $readings[] = $lost ? null : $at + 1.5 * sin($minute * 1.7) * min(1.0, $minute / 20);
        }

        return $readings;
    }

    public function reading(float $minute): ?float
    {
        return $this->readings([$minute])[0];
    }

    private function next(float $at, float $minute, float $step): float
    {
        if ($this->hasFault('door', $minute)) {
            return $at + (self::ROOM - $at) * (1 - exp(-$step / self::OPEN_DOOR)) * 0.4;
        }
        // Without power, or without a thermocouple to go by, the controller gives no heat.
        if ($this->hasFault('power', $minute) || $this->hasFault('thermocouple', $minute)) {
            return $at + (self::ROOM - $at) * (1 - exp(-$step / self::NO_POWER));
        }
        $change = ($this->planned($minute) - $at) * (1 - exp(-$step / self::LAG));
        $most = ($this->hasFault('element', $minute) ? self::WEAK_CLIMB : 1.3 * $this->climb) * $step;

        return $at + min($most, $change);
    }

    private function hasFault(string $kind, float $minute): bool
    {
        foreach ($this->events as $event) {
            if ($event->kind === $kind && $event->isOn($minute)) {
                return true;
            }
        }

        return false;
    }
}
