<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A step that somebody laid on a day and an hour, and that stays there whatever else is planned.
 *
 * @property int $id
 * @property int $job_id
 * @property string $step
 * @property int|null $person_id
 * @property string|null $kiln
 * @property Carbon $starts_at
 * @property Job $job
 * @property Person|null $person
 */
final class FixedStep extends Model
{
    protected $fillable = ['job_id', 'step', 'person_id', 'kiln', 'starts_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['starts_at' => 'datetime'];
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
}
