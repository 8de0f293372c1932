<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Person;
use App\People\Role;
use Illuminate\Console\Command;
use Illuminate\Support\Str;

final class PersonCommand extends Command
{
    protected $signature = 'sprue:person {name? : Who; everybody without a passphrase otherwise} {--role= : owner, '
        .'goldsmith, apprentice or guest} {--passphrase= : A passphrase of 10 letters or more; one is made otherwise}';

    protected $description = 'Gives a person at the bench a passphrase to sign in with over the network';

    public function handle(): int
    {
        $option = $this->option('passphrase');
        $given = is_string($option) ? $option : null;
        if ($given !== null && mb_strlen($given) < 10) {
            $this->error('A passphrase of 10 letters or more is accepted.');

            return self::FAILURE;
        }
        $role = is_string($this->option('role')) ? Role::tryFrom($this->option('role')) : null;
        if ($role === null && $this->option('role') !== null) {
            $this->error('A role of '.implode(', ', array_column(Role::cases(), 'value')).' is accepted.');

            return self::FAILURE;
        }
        $name = $this->argument('name');
        $people = $name !== null ? collect([Person::query()->firstOrCreate(['name' => $name])]) : Person::query()
            ->whereNull('passphrase')->get();
        foreach ($people as $person) {
            $passphrase = $given ?? implode('-', str_split(Str::lower(Str::random(16)), 4));
            $person->update(['passphrase' => $passphrase, ...($role === null ? [] : ['role' => $role])]);
            $this->line("{$person->name} signs in with: {$passphrase}");
        }

        return self::SUCCESS;
    }
}
