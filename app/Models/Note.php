<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A line of the workshop's journal: who did what, and when. Never edited.
 *
 * @property int $id
 * @property int|null $person_id
 * @property string $what
 * @property array<string, mixed> $detail
 * @property Carbon $at
 * @property Person|null $person
 */
final class Note extends Model
{
    public $timestamps = false;

    protected $table = 'journal';

    protected $fillable = ['person_id', 'what', 'detail', 'at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['detail' => 'array', 'at' => 'datetime'];
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @param array<string, mixed> $detail */
    public static function write(string $what, ?Person $by, array $detail = []): void
    {
        self::query()->create(['person_id' => $by?->id, 'what' => $what, 'detail' => $detail, 'at' => now()]);
    }
}
