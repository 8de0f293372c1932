<?php

declare(strict_types=1);

namespace App\Models;

use App\Rehearsals\Played;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One rehearsal as it was done: what it began with, every move, and what became of it.
 *
 * @property int $id
 * @property ?int $person_id
 * @property ?int $job_id
 * @property string $lesson
 * @property string $title
 * @property array<string, mixed> $given
 * @property list<array<string, mixed>> $moves
 * @property string $outcome
 * @property int $rank
 * @property string $sentence
 * @property float $seconds
 * @property Carbon $created_at
 * @property-read ?Person $person
 */
final class Rehearsal extends Model
{
    protected $guarded = [];

    protected function casts(): array
    {
        return ['given' => 'array', 'moves' => 'array', 'rank' => 'integer', 'seconds' => 'float'];
    }

    /** Keeps it in the record of whoever did it. */
    public static function keep(Played $played, ?Person $by): self
    {
        return self::query()->create([
            'person_id' => $by?->id, 'job_id' => $played->job, 'lesson' => $played->lesson, 'title' => $played->title,
            'given' => $played->given, 'moves' => $played->moves, 'outcome' => $played->outcome,
            'rank' => $played->rank, 'sentence' => $played->sentence, 'seconds' => $played->seconds,
        ]);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return array<string, mixed> a line of the record */
    public function row(): array
    {
        return [
            'id' => $this->id, 'outcome' => $this->outcome, 'rank' => $this->rank, 'sentence' => $this->sentence,
            'seconds' => $this->seconds, 'at' => $this->created_at->toIso8601ZuluString(),
        ];
    }
}
