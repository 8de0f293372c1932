<?php

declare(strict_types=1);

namespace App\Models;

use HotSprue\Job\Change;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One save in a job's history: its changes, who and when. Never edited; undo is another entry.
 *
 * @property int $id
 * @property int $job_id
 * @property int|null $person_id
 * @property int|null $undoes_id
 * @property list<array{path: string, from: mixed, to: mixed}> $edits
 * @property Carbon $made_at
 * @property Person|null $person
 */
final class Entry extends Model
{
    public $timestamps = false;

    protected $fillable = ['job_id', 'person_id', 'undoes_id', 'edits', 'made_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['edits' => 'array', 'made_at' => 'datetime'];
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return list<Change> what would take this entry back */
    public function reversed(): array
    {
        return array_map(static fn (array $raw): Change => Change::fromArray($raw)->reversed(), array_reverse($this->edits));
    }
}
