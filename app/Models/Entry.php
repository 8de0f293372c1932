<?php

declare(strict_types=1);

namespace App\Models;

use App\Bench\EntryKind;
use HotSprue\Job\Change;
use HotSprue\Job\SettingUpgrade;
use Illuminate\Database\Eloquent\Casts\Attribute;
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
 * @property EntryKind $kind
 * @property string $note why, where that was asked
 * @property int|null $movement_id the movement of metal that goes with it
 * @property list<array{path: string, from: mixed, to: mixed, stands?: int}> $edits
 * @property Carbon $made_at
 * @property Person|null $person
 */
final class Entry extends Model
{
    public $timestamps = false;

    protected $fillable = ['job_id', 'person_id', 'undoes_id', 'kind', 'movement_id', 'note', 'edits', 'made_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => EntryKind::class, 'made_at' => 'datetime'];
    }

    /**
     * The changes, at the paths where their figures stand now.
     *
     * @return Attribute<list<array{path: string, from: mixed, to: mixed, stands?: int}>, list<array<string, mixed>>>
     */
    protected function edits(): Attribute
    {
        return Attribute::make(
            get: static fn (string $kept): array => array_map(
                SettingUpgrade::change(...), (array) json_decode($kept, true),
            ),
            set: static fn (array $edits): string => json_encode($edits, JSON_THROW_ON_ERROR),
        );
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return list<Change> what would take this entry back */
    public function reversed(): array
    {
        return array_map(static fn (array $raw): Change => Change::kept($raw)->reversed(), array_reverse($this->edits));
    }
}
