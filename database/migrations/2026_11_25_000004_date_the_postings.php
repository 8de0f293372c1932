<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A posting never changes, so it may bear its movement's date: a statement is then read from one index. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('postings', function (Blueprint $table): void {
            $table->timestamp('made_at')->nullable();
            $table->index(['lot_id', 'made_at', 'milligrams']);
            $table->index('movement_id');
        });
        DB::update(
            'update postings set made_at = (select made_at from movements where movements.id = postings.movement_id)',
        );
    }

    public function down(): void
    {
        Schema::table('postings', function (Blueprint $table): void {
            $table->dropIndex(['lot_id', 'made_at', 'milligrams']);
            $table->dropIndex(['movement_id']);
            $table->dropColumn('made_at');
        });
    }
};
