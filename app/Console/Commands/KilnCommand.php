<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Casting\KilnLog;
use Illuminate\Console\Command;
use Throwable;

/** Watches the simulated kiln and writes its log, until it is ended. bin/start starts and ends it. */
final class KilnCommand extends Command
{
    protected $signature = 'sprue:kiln {--once : Look once and end}';

    protected $description = 'Watches the simulated kiln and writes its log';

    public function handle(): int
    {
        do {
            try {
                KilnLog::tick();
            } catch (Throwable $failed) {
                // A busy database is looked at again in two seconds; the log then goes on.
                $this->error($failed->getMessage());
            }
            if ($this->option('once')) {
                break;
            }
            sleep(2);
        } while (true);

        return self::SUCCESS;
    }
}
