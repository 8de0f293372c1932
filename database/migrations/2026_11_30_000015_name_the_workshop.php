<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

// What stands at the head of its paper: its name, and the maker's mark as it is struck.
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('workshops', static function (Blueprint $table): void {
            $table->string('name', 80)->nullable();
            $table->string('mark', 20)->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('workshops', static function (Blueprint $table): void {
            $table->dropColumn(['name', 'mark']);
        });
    }
};
