<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // One burnout with its flasks.
        Schema::create('runs', function (Blueprint $table): void {
            $table->id();
            $table->json('stages');
            $table->json('events');
            $table->timestamp('ready_at')->nullable();
            $table->timestamp('started_at')->nullable();
            $table->timestamp('ended_at')->nullable();
            // How many times faster than the clock the simulated kiln goes.
            $table->float('speed')->default(1);
            $table->timestamps();
        });
        Schema::create('run_flasks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('run_id')->constrained()->cascadeOnDelete();
            $table->string('flask');
            $table->float('diameter');
            $table->float('height');
            $table->string('alloy');
            $table->float('pour_c');
            $table->json('steps');
            $table->json('ticks');
            $table->timestamps();
        });
        Schema::create('flask_jobs', function (Blueprint $table): void {
            $table->foreignId('run_flask_id')->constrained()->cascadeOnDelete();
            $table->foreignId('job_id')->constrained();
            $table->primary(['run_flask_id', 'job_id']);
        });
        Schema::create('kiln_log', function (Blueprint $table): void {
            $table->foreignId('run_id')->constrained()->cascadeOnDelete();
            $table->float('minute');
            $table->float('kiln_c')->nullable();
            $table->float('planned_c');
            $table->timestamp('logged_at');
            $table->primary(['run_id', 'minute']);
        });
        Schema::create('alarms', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('run_id')->constrained()->cascadeOnDelete();
            $table->string('code');
            $table->float('minute');
            $table->string('message');
            $table->timestamp('answered_at')->nullable();
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->timestamps();
            $table->unique(['run_id', 'code', 'minute']);
        });
    }

    public function down(): void
    {
        foreach (['alarms', 'kiln_log', 'flask_jobs', 'run_flasks', 'runs'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
