<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('people', function (Blueprint $table): void {
            $table->id();
            $table->string('name')->unique();
            $table->string('passphrase')->nullable();
            $table->rememberToken();
            $table->timestamps();
        });
        Schema::create('clients', function (Blueprint $table): void {
            $table->id();
            $table->string('name')->index();
            $table->string('contact')->default('');
            $table->text('note')->default('');
            $table->timestamps();
        });
        // A set of the workshop's own figures; jobs that began with the same ones share a row.
        Schema::create('rulebooks', function (Blueprint $table): void {
            $table->id();
            $table->string('hash', 64)->unique();
            $table->json('figures');
            $table->timestamps();
        });
        Schema::create('workshops', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('rulebook_id')->constrained();
            $table->json('typed');
            $table->unsignedInteger('version')->default(0);
            $table->timestamps();
        });
        Schema::create('jobs', function (Blueprint $table): void {
            $table->id();
            $table->unsignedInteger('number')->unique();
            $table->unsignedInteger('commission')->index();
            $table->foreignId('client_id')->nullable()->constrained();
            $table->foreignId('rulebook_id')->constrained();
            $table->json('document');
            $table->unsignedInteger('version')->default(0);
            // The projection: written from the document in one place, for lists only.
            $table->string('title')->default('');
            $table->string('station')->index();
            $table->date('due_on')->nullable()->index();
            $table->string('state')->default('open')->index();
            $table->text('search')->default('');
            $table->timestamps();
            $table->index(['state', 'due_on']);
        });
        Schema::create('entries', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->foreignId('undoes_id')->nullable()->constrained('entries');
            $table->json('edits');
            $table->timestamp('made_at');
            $table->index(['job_id', 'id']);
        });
        Schema::create('pictures', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->string('file')->index();
            $table->timestamps();
        });
        Schema::create('clocks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->nullable()->constrained()->cascadeOnDelete();
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->string('label');
            $table->json('stages');
            $table->timestamp('started_at');
            $table->timestamp('stopped_at')->nullable();
            $table->timestamps();
        });
        Schema::create('devices', function (Blueprint $table): void {
            $table->string('name')->primary();
            $table->json('state');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        foreach ([
            'devices', 'clocks', 'pictures', 'entries', 'jobs', 'workshops', 'rulebooks', 'clients', 'people',
        ] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
