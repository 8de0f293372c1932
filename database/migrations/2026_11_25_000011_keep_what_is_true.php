<?php

declare(strict_types=1);

use App\Models\Client;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // A history entry says what kind of step it was, and which movement of metal goes with it.
        Schema::table('entries', function (Blueprint $table): void {
            $table->string('kind', 20)->default('edit');
            $table->string('note', 500)->default('');
            $table->foreignId('movement_id')->nullable()->constrained();
        });
        foreach ([
            'closed' => 'closing', 'rulebook' => 'figures', 'stations.' => 'station', 'words.' => 'client',
        ] as $path => $kind) {
            DB::table('entries')
                ->whereRaw('cast(edits as text) like ?', ['%"path":"'.$path.'%'])->update(['kind' => $kind]);
        }
        // One client of a name; those who had the same before are told apart by a number.
        Schema::table('clients', function (Blueprint $table): void {
            $table->string('name_key')->nullable();
        });
        $known = [];
        foreach (DB::table('clients')->orderBy('id')->get() as $client) {
            $name = $client->name;
            for ($same = 2; isset($known[Client::key($name)]); $same++) {
                $name = "{$client->name} ({$same})";
            }
            $known[Client::key($name)] = true;
            DB::table('clients')->where('id', $client->id)->update(['name' => $name, 'name_key' => Client::key($name)]);
        }
        Schema::table('clients', fn (Blueprint $table) => $table->unique('name_key'));
        // A job stands in at most one open flask; a lot once in a movement.
        Schema::table('flask_jobs', function (Blueprint $table): void {
            $table->boolean('open')->default(true);
        });
        $ended = DB::table('run_flasks')
            ->join('runs', 'runs.id', '=', 'run_flasks.run_id')->whereNotNull('runs.ended_at')->pluck('run_flasks.id');
        DB::table('flask_jobs')->whereIn('run_flask_id', $ended)->update(['open' => false]);
        $doubled = DB::table('flask_jobs')
            ->where('open', true)->groupBy('job_id')->havingRaw('count(*) > 1')
            ->selectRaw('job_id, max(run_flask_id) as last')->get();
        foreach ($doubled as $row) {
            DB::table('flask_jobs')
                ->where('job_id', $row->job_id)->where('run_flask_id', '!=', $row->last)->update(['open' => false]);
        }
        DB::statement('create unique index flask_jobs_one_open on flask_jobs (job_id) where open = true');
        Schema::table('postings', fn (Blueprint $table) => $table->unique(['movement_id', 'lot_id']));
        // What a client was shown and said, letter by letter.
        Schema::table('looks', function (Blueprint $table): void {
            $table->json('shown')->nullable();
        });
        Schema::table('jobs', function (Blueprint $table): void {
            $table->boolean('asked')->default(false)->index();
            $table->boolean('approved')->default(false)->index();
        });
        // The kiln's own counter: minutes of its programme up to a moment, so that no clock turned back undoes them.
        Schema::table('runs', function (Blueprint $table): void {
            $table->float('counted_min')->default(0);
            $table->timestamp('counted_at', 6)->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('jobs', fn (Blueprint $table) => $table->dropColumn(['asked', 'approved']));
        Schema::table('runs', fn (Blueprint $table) => $table->dropColumn(['counted_min', 'counted_at']));
        Schema::table('looks', fn (Blueprint $table) => $table->dropColumn('shown'));
        Schema::table('postings', fn (Blueprint $table) => $table->dropUnique(['movement_id', 'lot_id']));
        DB::statement('drop index flask_jobs_one_open');
        Schema::table('flask_jobs', fn (Blueprint $table) => $table->dropColumn('open'));
        Schema::table('clients', function (Blueprint $table): void {
            $table->dropUnique(['name_key']);
            $table->dropColumn('name_key');
        });
        Schema::table('entries', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('movement_id');
            $table->dropColumn(['kind', 'note']);
        });
    }
};
