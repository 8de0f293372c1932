<?php

declare(strict_types=1);

namespace App\Models;

use HotSprue\Account\Lot as Held;
use HotSprue\Account\LotKind;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Metal of one alloy and one owner, in whole milligrams; without a client it is the workshop's.
 *
 * @property int $id
 * @property string $name
 * @property string $kind stock, button, scrap, sweeps, piece or unassayed
 * @property string $alloy
 * @property float $fineness
 * @property int|null $client_id
 * @property int|null $job_id
 * @property string $origin
 * @property int $mass_mg
 * @property Carbon $created_at
 * @property Client|null $client
 * @property Job|null $job
 */
final class Lot extends Model
{
    public const UNASSAYED = LotKind::Unassayed->value;

    protected $fillable = ['name', 'kind', 'alloy', 'fineness', 'client_id', 'job_id', 'origin', 'mass_mg', 'version'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['fineness' => 'float', 'mass_mg' => 'integer'];
    }

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    public function held(): Held
    {
        return new Held(
            $this->id, $this->alloy, $this->fineness, $this->mass_mg, $this->client_id,
            $this->kind === 'piece' ? ($this->job->client_id ?? 0) : null, $this->kind !== self::UNASSAYED,
        );
    }
}
