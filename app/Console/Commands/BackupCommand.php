<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Bench\Backups;
use Illuminate\Console\Command;
use RuntimeException;

final class BackupCommand extends Command
{
    protected $signature = 'sprue:backup {file? : Where to write it; storage/backups otherwise}';

    protected $description = 'Writes the database and the pictures to one file';

    public function handle(Backups $backups): int
    {
        try {
            $file = $this->argument('file');
            $this->line('Backed up to '.$backups->make(is_string($file) ? $file : null));
        } catch (RuntimeException $failed) {
            $this->error($failed->getMessage());

            return self::FAILURE;
        }

        return self::SUCCESS;
    }
}
