<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A client's link to the drawings of one job: only its token's hash is kept.
 *
 * @property int $id
 * @property int $job_id
 * @property string $token_hash
 * @property list<string> $arrangements names of the drawings offered
 * @property list<string> $pictures files of the photographs shown
 * @property array<string, mixed>|null $shown the drawings as they were when the client said that it may be cast
 * @property Carbon $expires_at
 * @property Carbon|null $revoked_at
 * @property Carbon $created_at
 * @property Job $job
 */
final class ClientReview extends Model
{
    /** Named before the class was; backups of then are still restored. */
    protected $table = 'looks';

    protected $fillable = [
        'job_id', 'person_id', 'token_hash', 'arrangements', 'pictures', 'shown', 'expires_at', 'revoked_at',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'arrangements' => 'array', 'pictures' => 'array', 'shown' => 'array', 'expires_at' => 'datetime',
            'revoked_at' => 'datetime',
        ];
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    public static function hash(string $token): string
    {
        return hash('sha256', $token);
    }

    /** The link that a token opens; null where it never was, has ended, was revoked, or its job is closed. */
    public static function open(string $token): ?self
    {
        return self::query()
            ->with(['job.client', 'job.rulebook'])->where('token_hash', self::hash($token))->whereNull('revoked_at')
            ->where('expires_at', '>', now())
            ->whereRelation('job', 'state', 'open')->first();
    }
}
