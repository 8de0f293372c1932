<?php

declare(strict_types=1);

namespace App\Models;

use HotSprue\Rules\Rules;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * The one workshop: its present figures, and what was typed for each.
 *
 * @property int $id
 * @property int $version
 * @property int $rulebook_id
 * @property array<string, mixed> $typed
 * @property Rulebook $rulebook
 */
final class Workshop extends Model
{
    protected $fillable = ['rulebook_id', 'typed', 'version'];

    /** @var list<string> */
    protected $with = ['rulebook'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['typed' => 'array'];
    }

    /** @return BelongsTo<Rulebook, $this> */
    public function rulebook(): BelongsTo
    {
        return $this->belongsTo(Rulebook::class);
    }

    public static function the(): self
    {
        return self::query()->first() ?? self::query()->create(['rulebook_id' => Rulebook::of(Rules::shipped())->id, 'typed' => [], 'version' => 0])->refresh();
    }
}
