<?php

declare(strict_types=1);

namespace App\Models;

use HotSprue\Workshop\WorkshopFields;
use HotSprue\Workshop\WorkshopSettings;
use Illuminate\Database\Eloquent\Model;

/**
 * A full set of the workshop's figures as they stood at a time; jobs keep the one they began with.
 *
 * @property int $id
 * @property string $hash
 * @property array{own: list<string>, figures: array<string, mixed>} $figures
 */
final class Rulebook extends Model
{
    protected $fillable = ['hash', 'figures'];

    /** @var array<string, WorkshopSettings> by hash: the same figures are read once in a process */
    private static array $read = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['figures' => 'array'];
    }

    /** The rulebook that holds these rules, shipped figures included, so that a later release changes no job. */
    public static function of(WorkshopSettings $settings): self
    {
        $figures = [];
        foreach (array_keys(WorkshopFields::all()) as $path) {
            $figures[$path] = $settings->value($path);
        }
        // In the order of the fields, whichever was typed first: the same figures are the same rulebook.
        $own = array_values(array_intersect(array_keys($figures), array_keys($settings->own())));
        $kept = ['own' => $own, 'figures' => $figures];
        $hash = hash('sha256', json_encode($kept, JSON_THROW_ON_ERROR));

        return self::query()->firstOrCreate(['hash' => $hash], ['figures' => $kept]);
    }

    public function settings(): WorkshopSettings
    {
        return self::$read[$this->hash] ??= WorkshopSettings::kept($this->figures['figures'], $this->figures['own']);
    }
}
