<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Person;
use App\Models\Workshop;
use App\People\Role;
use Database\Seeders\DemoSeeder;
use Illuminate\Console\Command;

/** Fills a new database: the demo workshop, or an empty one. */
final class OpenCommand extends Command
{
    protected $signature = 'sprue:open {--empty : Without the demo} {--zone=UTC : The time zone of the machine, to be '
        .'agreed to}';

    protected $description = 'Opens a new workshop, with the demo unless told otherwise';

    public function handle(): int
    {
        $zone = $this->option('zone');
        Workshop::the()->update(
            [
                'timezone' => is_string($zone) && in_array($zone, timezone_identifiers_list(), true) ? $zone : 'UTC',
                'timezone_agreed' => $this->option('empty') !== true,
            ],
        );
        if ($this->option('empty')) {
            Person::query()->firstOrCreate(['name' => 'Goldsmith'], ['role' => Role::Owner]);
        } else {
            $this->call('db:seed', ['--class' => DemoSeeder::class, '--force' => true]);
        }

        return self::SUCCESS;
    }
}
