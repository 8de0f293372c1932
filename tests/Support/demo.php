<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/** Lays the demo workshop, made once a process: it is the same every time, and takes seconds to make. */
function demoWorkshop(): void
{
    static $rows = null;
    $tables = array_column(DB::select("select name from sqlite_master where type = 'table' order by rowid"), 'name');
    $tables = array_values(array_diff($tables, ['migrations', 'sqlite_sequence']));
    if ($rows === null) {
        Artisan::call('sprue:open');
        foreach ($tables as $table) {
            $rows[$table] = DB::table($table)->get()->map(static fn (object $row): array => (array) $row)->all();
        }

        return;
    }
    DB::statement('pragma defer_foreign_keys = on');
    foreach ($tables as $table) {
        DB::table($table)->delete();
        foreach (array_chunk($rows[$table], 50) as $some) {
            DB::table($table)->insert($some);
        }
    }
}
