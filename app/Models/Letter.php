<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A letter that was sent, as the simulated mailbox keeps it.
 *
 * @property int $id
 * @property int|null $job_id
 * @property string $to
 * @property string $subject
 * @property string $body
 * @property Carbon $sent_at
 */
final class Letter extends Model
{
    protected $fillable = ['job_id', 'to', 'subject', 'body', 'sent_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['sent_at' => 'datetime'];
    }
}
