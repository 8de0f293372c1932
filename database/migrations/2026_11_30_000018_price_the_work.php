<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

// Prices of metal by day, quotes as they were issued, what was paid, invoices, and links to calendars.
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('metal_prices', static function (Blueprint $table): void {
            $table->id();
            $table->string('metal');
            $table->decimal('price', 16, 4);
            $table->date('on');
            $table->string('source');
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->timestamps();
            $table->index(['metal', 'on']);
        });
        Schema::create('quotes', static function (Blueprint $table): void {
            $table->id();
            $table->unsignedInteger('number')->unique();
            $table->foreignId('job_id')->constrained();
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->string('currency', 3);
            $table->json('input');
            $table->json('results');
            $table->string('metal')->nullable();
            $table->decimal('metal_price', 16, 4)->nullable();
            $table->bigInteger('total_minor');
            $table->bigInteger('deposit_minor');
            $table->date('until');
            $table->string('token_hash')->nullable()->unique();
            $table->timestamp('sent_at')->nullable();
            $table->string('answer')->nullable();
            $table->string('answered_by')->nullable();
            $table->text('words')->nullable();
            $table->timestamp('answered_at')->nullable();
            $table->timestamps();
        });
        Schema::create('payments', static function (Blueprint $table): void {
            $table->id();
            $table->unsignedInteger('number')->unique();
            $table->foreignId('job_id')->constrained();
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->foreignId('reverses_id')->nullable()->unique()->constrained('payments');
            $table->string('kind');
            $table->bigInteger('amount_minor');
            $table->string('currency', 3);
            $table->date('paid_on');
            $table->string('how')->default('');
            $table->timestamps();
        });
        Schema::create('invoices', static function (Blueprint $table): void {
            $table->id();
            $table->unsignedInteger('number')->unique();
            $table->foreignId('job_id')->unique()->constrained();
            $table->foreignId('quote_id')->constrained();
            $table->date('issued_on');
            $table->timestamps();
        });
        Schema::create('calendar_links', static function (Blueprint $table): void {
            $table->id();
            $table->string('token_hash')->unique();
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->string('kiln')->nullable();
            $table->timestamp('revoked_at')->nullable();
            $table->timestamps();
        });
        Schema::table('workshops', static function (Blueprint $table): void {
            $table->text('invoice_text')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('workshops', static function (Blueprint $table): void {
            $table->dropColumn('invoice_text');
        });
        foreach (['calendar_links', 'invoices', 'payments', 'quotes', 'metal_prices'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
