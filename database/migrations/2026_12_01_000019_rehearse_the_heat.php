<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

// What each person rehearsed, move by move, and what became of it.
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('rehearsals', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->foreignId('job_id')->nullable()->constrained();
            $table->string('lesson');
            $table->string('title');
            $table->json('given');
            $table->json('moves');
            $table->string('outcome');
            $table->unsignedTinyInteger('rank');
            $table->text('sentence');
            $table->decimal('seconds', 8, 2);
            $table->timestamps();
            $table->index(['person_id', 'lesson', 'rank', 'seconds']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('rehearsals');
    }
};
