<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('lots', function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->string('kind')->default('stock');
            $table->string('alloy')->index();
            $table->decimal('fineness', 6, 4);
            $table->foreignId('client_id')->nullable()->constrained();
            $table->foreignId('job_id')->nullable()->constrained();
            $table->string('origin')->default('');
            // Whole milligrams; the sum of the lot's postings, kept beside them.
            $table->bigInteger('mass_mg')->default(0);
            $table->unsignedInteger('version')->default(0);
            $table->timestamps();
        });
        Schema::create('movements', function (Blueprint $table): void {
            $table->id();
            $table->string('kind');
            $table->bigInteger('loss_mg')->default(0);
            $table->string('reason')->default('');
            $table->foreignId('job_id')->nullable()->constrained();
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->foreignId('reverses_id')->nullable()->unique()->constrained('movements');
            $table->timestamp('made_at')->index();
        });
        Schema::create('postings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('movement_id')->constrained();
            $table->foreignId('lot_id')->constrained();
            $table->bigInteger('milligrams');
            $table->index(['lot_id', 'movement_id']);
        });
    }

    public function down(): void
    {
        foreach (['postings', 'movements', 'lots'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
