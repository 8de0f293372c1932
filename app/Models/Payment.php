<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * An amount that was paid or given back: never edited, only reversed by another. Numbers run on without gaps.
 *
 * @property int $id
 * @property int $number
 * @property int $job_id
 * @property int|null $reverses_id
 * @property string $kind deposit, balance or refund; a reversal has the kind of what it reverses
 * @property int $amount_minor what is given back is below nought
 * @property string $currency
 * @property Carbon $paid_on
 * @property string $how
 * @property Job $job
 */
final class Payment extends Model
{
    protected $fillable = [
        'number', 'job_id', 'person_id', 'reverses_id', 'kind', 'amount_minor', 'currency', 'paid_on', 'how',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['paid_on' => 'date:Y-m-d', 'amount_minor' => 'integer'];
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }
}
