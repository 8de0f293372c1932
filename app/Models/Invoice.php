<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * The invoice of a job, for its accepted quote. Numbers run on without gaps.
 *
 * @property int $id
 * @property int $number
 * @property int $job_id
 * @property int $quote_id
 * @property Carbon $issued_on
 */
final class Invoice extends Model
{
    protected $fillable = ['number', 'job_id', 'quote_id', 'issued_on'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['issued_on' => 'date:Y-m-d'];
    }
}
