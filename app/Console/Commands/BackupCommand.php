<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Bench\BackupOfTheDay;
use App\Bench\Backups;
use App\Models\Workshop;
use Illuminate\Console\Command;
use RuntimeException;

final class BackupCommand extends Command
{
    protected $signature = 'sprue:backup {file? : Where to write it; the folder for backups otherwise} {--daily : The '
        .'one of the day, if it is due; old ones are let go}';

    protected $description = 'Writes the database and the pictures to one file, and tries it';

    public function handle(Backups $backups, BackupOfTheDay $daily): int
    {
        if ($this->option('daily') === true) {
            $daily->isDue() && $daily->make();

            return Workshop::the()->backup_trouble === null ? self::SUCCESS : self::FAILURE;
        }
        try {
            $file = $this->argument('file');
            $made = $backups->make(is_string($file) ? $file : null);
        } catch (RuntimeException $failed) {
            $this->error($failed->getMessage());

            return self::FAILURE;
        }
        Workshop::the()->update(['backed_up_at' => now(), 'backup_trouble' => null]);
        $this->line("Backed up to {$made}");

        return self::SUCCESS;
    }
}
