<?php

declare(strict_types=1);

namespace App\Models;

use HotSprue\Account\Movement as Made;
use HotSprue\Account\MovementKind;
use HotSprue\Account\Posting as Entry;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * One movement of metal: never edited, never deleted, only reversed by another.
 *
 * @property int $id
 * @property MovementKind $kind
 * @property int $loss_mg
 * @property string $reason
 * @property int|null $job_id
 * @property int|null $reverses_id
 * @property Carbon $made_at
 * @property Person|null $person
 * @property Job|null $job
 * @property \Illuminate\Database\Eloquent\Collection<int, Posting> $postings
 */
final class Movement extends Model
{
    public $timestamps = false;

    protected $fillable = ['kind', 'loss_mg', 'reason', 'job_id', 'person_id', 'reverses_id', 'made_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => MovementKind::class, 'loss_mg' => 'integer', 'made_at' => 'datetime'];
    }

    /** @return HasMany<Posting, $this> */
    public function postings(): HasMany
    {
        return $this->hasMany(Posting::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    public function made(): Made
    {
        $made = Made::of(
            $this->kind,
            array_values(
                array_map(
                    fn (Posting $posting): Entry => new Entry(
                        $posting->lot_id, $this->reverses_id === null ? $posting->milligrams : -$posting->milligrams,
                    ),
                    $this->postings->all(),
                ),
            ),
            $this->reverses_id === null ? $this->loss_mg : -$this->loss_mg,
        );

        return $this->reverses_id === null ? $made : $made->reversed();
    }
}
