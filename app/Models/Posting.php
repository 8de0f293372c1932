<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What one movement did to one lot, whole milligrams.
 *
 * @property int $lot_id
 * @property int $milligrams
 * @property Lot $lot
 */
final class Posting extends Model
{
    public $timestamps = false;

    protected $fillable = ['movement_id', 'lot_id', 'milligrams', 'made_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['lot_id' => 'integer', 'milligrams' => 'integer'];
    }

    /** @return BelongsTo<Lot, $this> */
    public function lot(): BelongsTo
    {
        return $this->belongsTo(Lot::class);
    }
}
