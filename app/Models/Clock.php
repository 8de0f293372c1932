<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A bench clock: a start time and the stages that follow it.
 *
 * @property int $id
 * @property int|null $job_id
 * @property string $label
 * @property list<array{stage: string, until_min: float, how: string}> $stages
 * @property Carbon $started_at
 * @property Carbon|null $stopped_at
 * @property Job|null $job
 */
final class Clock extends Model
{
    protected $fillable = ['job_id', 'person_id', 'label', 'stages', 'started_at', 'stopped_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['stages' => 'array', 'started_at' => 'datetime', 'stopped_at' => 'datetime'];
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }
}
