<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // One row: whoever writes begins by writing here, and so waits for whoever did before.
        Schema::create('turns', function (Blueprint $table): void {
            $table->unsignedInteger('id')->primary();
            $table->bigInteger('taken')->default(0);
        });
        DB::table('turns')->insert(['id' => 1, 'taken' => 0]);
        // What was done under which key, and how it was answered.
        Schema::create('done_requests', function (Blueprint $table): void {
            $table->string('key', 64)->primary();
            $table->string('print', 64);
            $table->foreignId('person_id')->nullable()->constrained('people')->nullOnDelete();
            $table->unsignedSmallInteger('status');
            $table->json('headers');
            $table->text('body');
            $table->timestamp('done_at')->index();
        });
        // Who did what to the workshop itself.
        Schema::create('journal', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->nullable()->constrained('people')->nullOnDelete();
            $table->string('what', 80);
            $table->json('detail');
            $table->timestamp('at')->index();
        });
        Schema::table('people', function (Blueprint $table): void {
            $table->string('role', 20)->default('goldsmith');
        });
        DB::table('people')->where('id', DB::table('people')->min('id') ?? 0)->update(['role' => 'owner']);
        Schema::table('workshops', function (Blueprint $table): void {
            $table->string('timezone', 60)->default('UTC');
            $table->boolean('timezone_agreed')->default(false);
            $table->string('backup_folder', 400)->nullable();
            $table->timestamp('backed_up_at')->nullable();
            $table->timestamp('backup_asked_at')->nullable();
            $table->timestamp('backup_tried_at')->nullable();
            $table->string('backup_trouble', 400)->nullable();
        });
    }

    public function down(): void
    {
        Schema::table(
            'workshops',
            fn (Blueprint $table) => $table->dropColumn(
                [
                    'timezone', 'timezone_agreed', 'backup_folder', 'backed_up_at', 'backup_asked_at',
                    'backup_tried_at', 'backup_trouble',
                ],
            ),
        );
        Schema::table('people', fn (Blueprint $table) => $table->dropColumn('role'));
        foreach (['journal', 'done_requests', 'turns'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
