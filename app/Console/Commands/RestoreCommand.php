<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Bench\Restore;
use App\Bench\WatchProcess;
use Illuminate\Console\Command;
use RuntimeException;

final class RestoreCommand extends Command
{
    protected $signature = 'sprue:restore {file : A backup made by sprue:backup}';

    protected $description = 'Puts a backup in the place of what is here; stop the application first';

    public function handle(Restore $restore): int
    {
        try {
            WatchProcess::stop();
            $file = $this->argument('file');
            $aside = $restore->from(is_string($file) ? $file : '');
        } catch (RuntimeException $failed) {
            $this->error($failed->getMessage());

            return self::FAILURE;
        }
        $this->call('migrate', ['--force' => true]);
        $this->line('Restored.'.($aside === null ? '' : " What was here is kept as {$aside}."));

        return self::SUCCESS;
    }
}
