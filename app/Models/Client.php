<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property string $name
 * @property string $contact
 * @property string $note
 */
final class Client extends Model
{
    protected $fillable = ['name', 'name_key', 'contact', 'note'];

    /** @var array<string, string> */
    protected $attributes = ['contact' => '', 'note' => ''];

    protected static function booted(): void
    {
        self::saving(static fn (self $client) => $client->setAttribute('name_key', self::key($client->name)));
    }

    /** Names that read alike are one: whatever their case and spaces. */
    public static function key(string $name): string
    {
        return mb_strtolower(trim((string) preg_replace('/\s+/u', ' ', $name)));
    }

    public static function named(string $name): ?self
    {
        return self::query()->where('name_key', self::key($name))->first();
    }

    /** @return HasMany<Job, $this> */
    public function jobs(): HasMany
    {
        return $this->hasMany(Job::class);
    }
}
