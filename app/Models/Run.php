<?php

declare(strict_types=1);

namespace App\Models;

use HotSprue\Kiln\KilnEvent;
use HotSprue\Kiln\SimulatedKiln;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * One burnout with its flasks. What the simulated kiln does follows from its programme, its events and the clock.
 *
 * @property int $id
 * @property list<array{name: string, to: float, minutes: float}> $stages
 * @property list<array{kind: string, from: float, to: float|null}> $events
 * @property Carbon|null $ready_at
 * @property Carbon|null $started_at
 * @property Carbon|null $ended_at
 * @property float $speed
 * @property Collection<int, RunFlask> $flasks
 */
final class Run extends Model
{
    /** A kiln forgotten for two days is watched no longer. */
    private const LONGEST = 2880.0;

    /** To the microsecond: at 300 times the clock a second is five minutes of its programme. */
    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $fillable = ['stages', 'events', 'ready_at', 'started_at', 'ended_at', 'speed'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['stages' => 'array', 'events' => 'array', 'ready_at' => 'datetime', 'started_at' => 'datetime', 'ended_at' => 'datetime', 'speed' => 'float'];
    }

    /** @return HasMany<RunFlask, $this> */
    public function flasks(): HasMany
    {
        return $this->hasMany(RunFlask::class);
    }

    /** Minutes of its programme since it was switched on; null where it has not been. */
    public function minute(): ?float
    {
        return $this->started_at === null ? null : min(self::LONGEST, max(0.0, (float) $this->started_at->diffInMilliseconds($this->ended_at ?? now()) / 60_000 * $this->speed));
    }

    public function kiln(): SimulatedKiln
    {
        $rules = Workshop::the()->rulebook->rules();

        return new SimulatedKiln(
            array_map(static fn (array $stage): array => ['to' => (float) $stage['to'], 'minutes' => (float) $stage['minutes']], $this->stages),
            array_map(static fn (array $event): KilnEvent => new KilnEvent($event['kind'], (float) $event['from'], $event['to'] === null ? null : (float) $event['to']), $this->events),
            $rules->num('burnout.climb_c_per_min'), $rules->num('burnout.fall_c_per_min'),
        );
    }

    public function isBurning(): bool
    {
        return $this->started_at !== null && $this->ended_at === null;
    }
}
