<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

// Who works when, what the workshop burns and tumbles in, steps that are fixed, and how long each was worked at.
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('people', static function (Blueprint $table): void {
            $table->json('hours')->nullable();
            $table->json('days_off')->nullable();
        });
        Schema::table('workshops', static function (Blueprint $table): void {
            $table->json('kilns')->nullable();
            $table->unsignedSmallInteger('tumblers')->default(1);
            $table->boolean('any_hand')->default(false);
        });
        Schema::create('fixed_steps', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained();
            $table->string('step');
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->string('kiln')->nullable();
            $table->timestamp('starts_at');
            $table->timestamps();
            $table->unique(['job_id', 'step']);
        });
        Schema::create('worked_steps', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained();
            $table->string('step');
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->timestamp('started_at');
            $table->timestamp('ended_at')->nullable();
            $table->boolean('done')->default(false);
            $table->timestamps();
            $table->index(['job_id', 'step']);
            $table->index('ended_at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('worked_steps');
        Schema::dropIfExists('fixed_steps');
        Schema::table('workshops', static function (Blueprint $table): void {
            $table->dropColumn(['kilns', 'tumblers', 'any_hand']);
        });
        Schema::table('people', static function (Blueprint $table): void {
            $table->dropColumn(['hours', 'days_off']);
        });
    }
};
