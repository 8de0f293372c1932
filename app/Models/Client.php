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
    protected $fillable = ['name', 'contact', 'note'];

    /** @var array<string, string> */
    protected $attributes = ['contact' => '', 'note' => ''];

    /** @return HasMany<Job, $this> */
    public function jobs(): HasMany
    {
        return $this->hasMany(Job::class);
    }
}
