<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * What a fine gram of a metal cost on a day.
 *
 * @property int $id
 * @property string $metal
 * @property string $price
 * @property Carbon $on
 * @property string $source typed, csv or simulated
 */
final class MetalPrice extends Model
{
    public const METALS = ['gold', 'silver', 'platinum', 'palladium'];

    protected $fillable = ['metal', 'price', 'on', 'source', 'person_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['on' => 'date:Y-m-d'];
    }
}
