<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A time that somebody was at a step of a job, from start to pause or end. A step may have many of them.
 *
 * @property int $id
 * @property int $job_id
 * @property string $step
 * @property int|null $person_id
 * @property Carbon $started_at
 * @property Carbon|null $ended_at null while somebody is at it
 * @property bool $done whether the step was done with it
 * @property Job $job
 * @property Person|null $person
 */
final class WorkedStep extends Model
{
    protected $fillable = ['job_id', 'step', 'person_id', 'started_at', 'ended_at', 'done'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['started_at' => 'datetime', 'ended_at' => 'datetime', 'done' => 'boolean'];
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** Up to now, where somebody is still at it. */
    public function minutes(Carbon $now): float
    {
        return max(0.0, $this->started_at->diffInSeconds($this->ended_at ?? $now) / 60);
    }

    /** @return array<string, float> minutes by step of a job; of those done alone, where only they are asked */
    public static function minutesOf(Job $job, bool $doneOnly = false): array
    {
        $minutes = [];
        foreach (self::query()->where('job_id', $job->id)->get()->groupBy('step') as $step => $times) {
            if (! $doneOnly || $times->contains('done', true)) {
                $minutes[(string) $step] = $times->sum(static fn (self $one): float => $one->minutes(now()));
            }
        }

        return $minutes;
    }
}
