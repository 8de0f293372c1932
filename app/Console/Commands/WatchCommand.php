<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Bench\BackupOfTheDay;
use App\Bench\WatchProcess;
use App\Casting\KilnLog;
use Illuminate\Console\Command;
use Illuminate\Contracts\Process\InvokedProcess;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Process;
use Throwable;

/** Watches the kiln, writes its log, and has the day's backup made, until it is ended. bin/start starts and ends it. */
final class WatchCommand extends Command
{
    protected $signature = 'sprue:watch {--once : Look once and end}';

    protected $description = 'Watches the kiln, and sees to the day’s backup';

    private const SECONDS = 2;

    private bool $ended = false;

    private ?InvokedProcess $making = null;

    public function handle(BackupOfTheDay $backup): int
    {
        $this->trap([SIGTERM, SIGINT], function (): void {
            $this->ended = true;
        });
        $this->option('once') === true || WatchProcess::begin();
        do {
            try {
                // It lives long and trusts no connection: the file may have run full, or another stand in its place.
                $this->option('once') === true || DB::purge();
                KilnLog::tick();
                $backup->isDue() && $this->option('once') !== true && $this->backUp();
            } catch (Throwable $failed) {
                // A busy database or a full disk is looked at again; the log then goes on.
                $this->error($failed->getMessage());
            }
            $this->option('once') === true || sleep(self::SECONDS);
        } while (! $this->ended && $this->option('once') !== true);
        WatchProcess::end();

        return self::SUCCESS;
    }

    /** Beside this process, so that the kiln is watched meanwhile. */
    private function backUp(): void
    {
        if ($this->making === null || ! $this->making->running()) {
            $this->making = Process::path(base_path())
                ->timeout(3600)->start([PHP_BINARY, 'artisan', 'sprue:backup', '--daily']);
        }
    }
}
