<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Bench\Backups;
use Illuminate\Console\Command;
use RuntimeException;

final class RestoreCommand extends Command
{
    protected $signature = 'sprue:restore {file : A backup made by sprue:backup}';

    protected $description = 'Puts a backup in the place of what is here; stop the application first';

    public function handle(Backups $backups): int
    {
        try {
            $file = $this->argument('file');
            $backups->restore(is_string($file) ? $file : '');
        } catch (RuntimeException $failed) {
            $this->error($failed->getMessage());

            return self::FAILURE;
        }
        $this->call('migrate', ['--force' => true]);
        $this->line('Restored. What was here is kept beside the database as “.before-restore”.');

        return self::SUCCESS;
    }
}
