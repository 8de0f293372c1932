<?php

declare(strict_types=1);

namespace App\Models;

use App\People\Role;
use Illuminate\Foundation\Auth\User;
use Illuminate\Http\Request;

/**
 * Somebody at the bench.
 *
 * @property int $id
 * @property string $name
 * @property string|null $passphrase
 * @property Role $role
 * @property list<array{day: string, from: string, to: string}>|null $hours the usual ones where null
 * @property list<string>|null $days_off
 */
final class Person extends User
{
    protected $table = 'people';

    protected $fillable = ['name', 'passphrase', 'role', 'hours', 'days_off'];

    /** @var array<string, string> */
    protected $attributes = ['role' => 'goldsmith'];

    protected $hidden = ['passphrase', 'remember_token'];

    /** Who is at the bench; nobody where none has been picked or signed in. */
    public static function at(Request $request): ?self
    {
        $person = $request->user();

        return $person instanceof self ? $person : null;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['passphrase' => 'hashed', 'role' => Role::class, 'hours' => 'array', 'days_off' => 'array'];
    }

    public function getAuthPasswordName(): string
    {
        return 'passphrase';
    }
}
