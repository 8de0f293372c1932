<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

// Figures taken from the workshop's own jobs: from how many, and when.
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('workshops', static function (Blueprint $table): void {
            $table->json('own_figures')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('workshops', static function (Blueprint $table): void {
            $table->dropColumn('own_figures');
        });
    }
};
