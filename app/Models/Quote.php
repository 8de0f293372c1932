<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A quote as it was issued: what it was made from and what it came to are never changed; who answered it is added once.
 *
 * @property int $id
 * @property int $number
 * @property int $job_id
 * @property string $currency
 * @property array<string, mixed> $input what `price.quote` was asked
 * @property array<string, mixed> $results and what it answered
 * @property string|null $metal
 * @property string|null $metal_price of a fine gram, when it was made
 * @property int $total_minor
 * @property int $deposit_minor
 * @property Carbon $until the day until which it stands
 * @property string|null $token_hash
 * @property Carbon|null $sent_at
 * @property string|null $answer accepted or declined
 * @property string|null $answered_by
 * @property string|null $words
 * @property Carbon|null $answered_at
 * @property Carbon $created_at
 * @property Job $job
 */
final class Quote extends Model
{
    protected $fillable = [
        'number', 'job_id', 'person_id', 'currency', 'input', 'results', 'metal', 'metal_price', 'total_minor',
        'deposit_minor', 'until', 'token_hash', 'sent_at', 'answer', 'answered_by', 'words', 'answered_at',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'input' => 'array', 'results' => 'array', 'until' => 'date:Y-m-d', 'sent_at' => 'datetime',
            'answered_at' => 'datetime', 'total_minor' => 'integer', 'deposit_minor' => 'integer',
        ];
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** Whether a newer one of its job stands in its place. */
    public function isOvertaken(): bool
    {
        return self::query()->where('job_id', $this->job_id)->where('number', '>', $this->number)->exists();
    }

    /** The quote that a link opens; null where there is none, or its job is closed. */
    public static function open(string $token): ?self
    {
        return self::query()->with('job.client')->where('token_hash', ClientReview::hash($token))
            ->whereRelation('job', 'state', 'open')->first();
    }

    /** How far the quoting of a job has come: none, made, sent, accepted or declined, by its newest. */
    public static function stateOf(Job $job): string
    {
        $newest = self::query()->where('job_id', $job->id)->latest('number')->first(['answer', 'sent_at']);

        return match (true) {
            $newest === null => 'none',
            $newest->answer !== null => $newest->answer,
            default => $newest->sent_at === null ? 'made' : 'sent',
        };
    }
}
