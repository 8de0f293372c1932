<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\Device;

/** How a simulated instrument settles on what was put on it, drifts a little, and tares. */
final readonly class Settling
{
    /**
     * @param  float  $seconds  until it is stable
     * @param  float  $step  its last digit
     * @param  float  $drift  per hour
     */
    public function __construct(
        private string $name, private float $seconds, private float $step, private float $drift, private string $unit,
    ) {}

    public function put(float $value): void
    {
        $shown = $this->exact(microtime(true));
        $this->keep(['from' => $shown, 'to' => $value, 'since' => microtime(true)]);
    }

    public function tare(): void
    {
        $this->keep(['zero' => $this->exact(microtime(true))]);
    }

    public function read(): Reading
    {
        $now = microtime(true);
        $state = $this->state();
        $shown = round(($this->exact($now) - $state['zero']) / $this->step) * $this->step;

        return new Reading(round($shown, 4) + 0.0, $this->unit, $now - $state['since'] >= $this->seconds, true);
    }

    private function exact(float $now): float
    {
        $state = $this->state();
        $passed = max(0.0, $now - $state['since']);
        $left = exp(-7 * $passed / $this->seconds);

        return $state['to'] + ($state['from'] - $state['to']) * $left + $this->drift * min($passed, 3600) / 3600;
    }

    /** @return array{from: float, to: float, since: float, zero: float} */
    private function state(): array
    {
        $kept = Device::query()->find($this->name)->state ?? [];

        return [
            'from' => (float) ($kept['from'] ?? 0), 'to' => (float) ($kept['to'] ?? 0),
            'since' => (float) ($kept['since'] ?? 0), 'zero' => (float) ($kept['zero'] ?? 0),
        ];
    }

    /** @param array<string, float> $changes */
    private function keep(array $changes): void
    {
        Device::query()->updateOrCreate(['name' => $this->name], ['state' => [...$this->state(), ...$changes]]);
    }
}
