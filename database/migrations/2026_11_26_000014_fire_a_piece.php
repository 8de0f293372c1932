<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** A run without flasks fires a piece of metal clay. */
    public function up(): void
    {
        Schema::table('runs', static function (Blueprint $table): void {
            $table->foreignId('job_id')->nullable()->constrained();
        });
    }

    public function down(): void
    {
        Schema::table('runs', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('job_id');
        });
    }
};
