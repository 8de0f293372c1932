<?php

declare(strict_types=1);

namespace App\Models;

use HotSprue\Kiln\KilnFault;
use HotSprue\Kiln\SimulatedKiln;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * One burnout with its flasks, or the firing of a piece of metal clay. What the simulated kiln does follows from its
 * programme, its events and the clock.
 *
 * @property int $id
 * @property list<array{name: string, to: float, minutes: float, climb?: float}> $stages
 * @property list<array{kind: string, from: float, to: float|null}> $events
 * @property Carbon|null $ready_at
 * @property Carbon|null $started_at
 * @property Carbon|null $ended_at
 * @property float $speed
 * @property float $counted_min the kiln's own counter: minutes of its programme that had passed at counted_at
 * @property Carbon|null $counted_at
 * @property int|null $job_id the piece of clay that is fired; null of a burnout
 * @property Job|null $piece
 * @property Collection<int, RunFlask> $flasks
 */
final class Run extends Model
{
    /** A kiln forgotten for two days is watched no longer. */
    private const LONGEST = 2880.0;

    /** To the microsecond: at 300 times the clock a second is five minutes of its programme. */
    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $fillable = [
        'stages', 'events', 'ready_at', 'started_at', 'ended_at', 'speed', 'counted_min', 'counted_at',
        'job_id',
    ];

    /** @var array<string, float> */
    protected $attributes = ['counted_min' => 0.0];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'stages' => 'array', 'events' => 'array', 'ready_at' => 'datetime', 'started_at' => 'datetime',
            'ended_at' => 'datetime', 'speed' => 'float', 'counted_min' => 'float', 'counted_at' => 'datetime',
        ];
    }

    /** @return HasMany<RunFlask, $this> */
    public function flasks(): HasMany
    {
        return $this->hasMany(RunFlask::class);
    }

    /** @return BelongsTo<Job, $this> */
    public function piece(): BelongsTo
    {
        return $this->belongsTo(Job::class, 'job_id');
    }

    /** As one says it: `burnout 25`, `firing 26`. */
    public function called(): string
    {
        return ($this->job_id === null ? 'burnout' : 'firing')." {$this->id}";
    }

    /** What a firing’s sheet fires at, °C; null of a burnout. */
    public function firedAt(): ?float
    {
        return $this->job_id === null ? null : max(array_column($this->stages, 'to'));
    }

    /** Minutes of its programme since it was switched on; null where it has not been. */
    public function minute(): ?float
    {
        if ($this->started_at === null) {
            return null;
        }
        $since = ($this->counted_at ?? $this->started_at)->diffInMilliseconds($this->ended_at ?? now()) / 60_000;

        return min(self::LONGEST, $this->counted_min + max(0.0, (float) $since) * $this->speed);
    }

    /**
     * Brings the kiln's own counter up to now, so that a clock put back later undoes nothing.
     *
     * @return float minutes by which the computer's clock has gone back since it was last counted
     */
    public function count(): float
    {
        $back = $this->counted_at === null ? 0.0 : max(0.0, now()->diffInMilliseconds($this->counted_at) / 60_000);
        $this->update(['counted_min' => $this->minute() ?? 0.0, 'counted_at' => now()]);

        return $back;
    }

    public function kiln(): SimulatedKiln
    {
        $settings = Workshop::the()->rulebook->settings();

        return new SimulatedKiln(
            array_map(
                static fn (array $stage): array => [
                    'to' => (float) $stage['to'], 'minutes' => (float) $stage['minutes'],
                    ...(isset($stage['climb']) ? ['climb' => (float) $stage['climb']] : []),
                ],
                $this->stages,
            ),
            array_map(
                static fn (array $event): KilnFault => new KilnFault(
                    $event['kind'], (float) $event['from'], $event['to'] === null ? null : (float) $event['to'],
                ),
                $this->events,
            ),
            $settings->num('burnout.climb_c_per_min'), $settings->num('burnout.fall_c_per_min'),
        );
    }

    public function isBurning(): bool
    {
        return $this->started_at !== null && $this->ended_at === null;
    }
}
