<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Database\DatabaseTransfer;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use RuntimeException;

final class MoveCommand extends Command
{
    protected $signature = 'sprue:move {from : sqlite or pgsql} {to : the other, empty}';

    protected $description = 'Moves the workshop from one database to the other and compares the counts; stop the '
        .'application first';

    public function handle(): int
    {
        [$from, $to] = [$this->argument('from'), $this->argument('to')];
        if (! in_array($from, ['sqlite', 'pgsql'], true) || ! in_array($to, ['sqlite', 'pgsql'], true)
            || $from === $to) {
            $this->error('From sqlite to pgsql, or back, is accepted.');

            return self::FAILURE;
        }
        try {
            $this->callSilent('migrate', ['--force' => true, '--database' => $to]);
            $counts = DatabaseTransfer::move(DB::connection($from), DB::connection($to));
        } catch (RuntimeException $failed) {
            $this->error($failed->getMessage());

            return self::FAILURE;
        }
        $this->table(
            ['table', 'rows, the same in both'],
            array_map(static fn (string $table, int $rows): array => [$table, $rows], array_keys($counts), $counts),
        );
        $this->line("Moved. Set DB_CONNECTION={$to} in .env, and start Hot Sprue again.");

        return self::SUCCESS;
    }
}
