<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Person;
use App\Models\Workshop;
use Database\Seeders\DemoSeeder;
use Illuminate\Console\Command;

/** Fills a new database: the demo workshop, or an empty one. */
final class OpenCommand extends Command
{
    protected $signature = 'sprue:open {--empty : Without the demo}';

    protected $description = 'Opens a new workshop, with the demo unless told otherwise';

    public function handle(): int
    {
        Workshop::the();
        if ($this->option('empty')) {
            Person::query()->firstOrCreate(['name' => 'Goldsmith']);
        } else {
            $this->call('db:seed', ['--class' => DemoSeeder::class, '--force' => true]);
        }

        return self::SUCCESS;
    }
}
