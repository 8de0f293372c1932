<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Connection;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/** Carries a whole workshop from one database into another, table by table, and counts both. */
final class DatabaseTransfer
{
    private const CHUNK = 500;

    /** Tables that others point at come before those that point. */
    private const TABLES = [
        'people', 'clients', 'rulebooks', 'workshops', 'jobs', 'lots', 'movements', 'postings', 'entries', 'pictures',
        'clocks', 'devices', 'looks', 'letters',
        'runs', 'run_flasks', 'flask_jobs', 'kiln_log', 'alarms', 'stretch_tests', 'done_requests', 'journal',
        'fixed_steps', 'worked_steps', 'metal_prices', 'quotes', 'payments', 'invoices', 'calendar_links',
        'rehearsals',
    ];

    /**
     * @return array<string, int> rows by table, the same in both
     *
     * @throws RuntimeException when the other already holds a workshop, or the counts differ; nothing is then kept
     */
    public static function move(Connection $from, Connection $to): array
    {
        if ($to->table('people')->exists() || $to->table('jobs')->exists()) {
            throw new RuntimeException('The database to move to holds a workshop already; an empty one is accepted.');
        }

        return $to->transaction(static function () use ($from, $to): array {
            $to->table('workshops')->delete();
            $to->table('rulebooks')->delete();
            $counts = [];
            foreach (self::TABLES as $table) {
                self::copy($from, $to, $table);
                $counts[$table] = $to->table($table)->count();
                if ($counts[$table] !== $from->table($table)->count()) {
                    throw new RuntimeException("“{$table}” has other rows there than here; nothing was moved.");
                }
            }
            self::numberOn($to);

            return $counts;
        });
    }

    private static function copy(Connection $from, Connection $to, string $table): void
    {
        // An entry may undo another, and a movement reverse one: in the order in which they were made.
        $key = $from->getSchemaBuilder()->hasColumn($table, 'id') ? 'id' : null;
        $rows = $from->table($table)->when($key, static fn ($query, string $key) => $query->orderBy($key))->cursor();
        $booleans = array_column(
            array_filter(
                $to->getSchemaBuilder()->getColumns($table),
                static fn (array $column): bool => in_array($column['type_name'], ['bool', 'boolean', 'tinyint'], true),
            ),
            'name',
        );
        foreach ($rows->chunk(self::CHUNK) as $chunk) {
            $to->table($table)->insert(array_values($chunk->map(static function (object $row) use ($booleans): array {
                $row = (array) $row;
                foreach ($booleans as $name) {
                    $row[$name] = (bool) $row[$name];
                }

                return $row;
            })->all()));
        }
    }

    /** New rows take numbers after those that came. */
    private static function numberOn(Connection $to): void
    {
        if ($to->getDriverName() !== 'pgsql') {
            return;
        }
        foreach (self::TABLES as $table) {
            if ($to->getSchemaBuilder()->hasColumn($table, 'id')) {
                $to->statement(
                    "select setval(pg_get_serial_sequence('{$table}', 'id'), greatest((select coalesce(max(id), 0) "
                        ."from {$table}), 1))",
                );
            }
        }
    }

    /** The workshop as it stands, in a SQLite file of its own. */
    public static function intoFile(string $file): void
    {
        if (DB::getDriverName() === 'sqlite') {
            DB::statement('VACUUM INTO ?', [$file]);

            return;
        }
        touch($file);
        config(
            [
                'database.connections.copy' => [
                    ...(array) config('database.connections.sqlite'), 'database' => $file, 'journal_mode' => 'DELETE',
                ],
            ],
        );
        Artisan::call('migrate', ['--force' => true, '--database' => 'copy']);
        DB::connection()->transaction(static function (): void {
            // One view of all tables, whatever is written meanwhile.
            DB::statement('set transaction isolation level repeatable read');
            self::move(DB::connection(), DB::connection('copy'));
        });
        DB::purge('copy');
    }
}
