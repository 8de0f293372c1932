<?php

declare(strict_types=1);

use App\Database\DatabaseTransfer;
use App\Models\Job;
use App\Models\Lot;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/** An empty workshop in a SQLite file of its own, by the name of a connection. */
function emptyWorkshop(string $name): string
{
    $file = sys_get_temp_dir()."/hot-sprue-{$name}-".bin2hex(random_bytes(4)).'.sqlite';
    touch($file);
    config(["database.connections.{$name}" => [...(array) config('database.connections.sqlite'), 'database' => $file]]);
    Artisan::call('migrate', ['--force' => true, '--database' => $name]);

    return $file;
}

it('moves a whole workshop into another database, counts both, and the next job has the '
    .'next number', function (): void {
        $job = Job::factory()->ring()->create();
        $this->postJson(
            "/api/jobs/{$job->number}/changes",
            ['changes' => [['path' => 'form.width_base', 'from' => null, 'to' => '3']]],
        )->assertOk();
        $this->postJson("/api/jobs/{$job->number}/undo")->assertOk();
        $this->postJson('/api/metal', ['alloy' => 'sterling-925', 'mass' => '10'])->assertCreated();
        $this->putJson('/api/shop', ['work.kerf' => '0.25'])->assertOk();
        $file = emptyWorkshop('moved');
        $counts = DatabaseTransfer::move(DB::connection(), DB::connection('moved'));
        expect($counts['jobs'])
            ->toBe(1)->and($counts['entries'])->toBe(2)->and($counts['lots'])->toBe(1)->and($counts['journal'])
            ->toBe(DB::table('journal')->count());
        foreach ([
            'jobs' => 'document', 'entries' => 'edits', 'rulebooks' => 'figures', 'lots' => 'mass_mg',
        ] as $table => $column) {
            expect(
                DB::connection('moved')->table($table)->orderBy('id')->pluck($column)->all(),
            )->toEqual(DB::table($table)->orderBy('id')->pluck($column)->all(), $table);
        }
        // What is there already is not moved over.
        expect(
            fn () => DatabaseTransfer::move(DB::connection(), DB::connection('moved')),
        )->toThrow(RuntimeException::class, 'holds a workshop already');
        unlink($file);
    });

it('names every table that there is', function (): void {
    $tables = array_column(DB::getSchemaBuilder()->getTables(), 'name');
    $moved = (new ReflectionClassConstant(DatabaseTransfer::class, 'TABLES'))->getValue();
    expect(array_values(array_diff($tables, [...$moved, 'migrations', 'turns', 'sqlite_sequence'])))
        ->toBe([])->and(array_diff($moved, $tables))->toBe([]);
});

it('refuses to move from a database to itself', function (): void {
    expect(Artisan::call('sprue:move', ['from' => 'sqlite', 'to' => 'sqlite']))
        ->toBe(1)->and(Artisan::call('sprue:move', ['from' => 'cards', 'to' => 'pgsql']))->toBe(1)
        ->and(Lot::query()->count())->toBe(0);
});
