<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A secret link to a calendar of a person or a kiln: only its token's hash is kept.
 *
 * @property int $id
 * @property string $token_hash
 * @property int|null $person_id
 * @property string|null $kiln
 * @property Carbon|null $revoked_at
 * @property Carbon $created_at
 * @property Person|null $person
 */
final class CalendarLink extends Model
{
    protected $fillable = ['token_hash', 'person_id', 'kiln', 'revoked_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['revoked_at' => 'datetime'];
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    public static function open(string $token): ?self
    {
        return self::query()->with('person')->where('token_hash', ClientReview::hash($token))
            ->whereNull('revoked_at')->first();
    }
}
