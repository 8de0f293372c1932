<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Open jobs that Today looks for, found without reading the others’ documents. */
    private const OPEN = [['state', 'asked'], ['state', 'approved'], ['state', 'station']];

    public function up(): void
    {
        Schema::table('jobs', static function (Blueprint $table): void {
            array_map($table->index(...), self::OPEN);
        });
    }

    public function down(): void
    {
        Schema::table('jobs', static function (Blueprint $table): void {
            array_map($table->dropIndex(...), self::OPEN);
        });
    }
};
