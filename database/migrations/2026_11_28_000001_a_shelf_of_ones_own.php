<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('colour_lines', function (Blueprint $table): void {
            $table->boolean('withdrawn')->default(false);
            $table->unsignedInteger('version')->default(1);
        });
        Schema::table('shades', function (Blueprint $table): void {
            // Nobody need know what a pack holds before its shade is weighed.
            $table->unsignedInteger('pack_cg')->nullable()->change();
            // Level and tones given by hand, where the code says others or nothing.
            $table->json('own')->nullable();
            $table->string('pack_code', 64)->default('');
            $table->unsignedInteger('price_cents')->nullable();
            $table->unsignedInteger('version')->default(1);
        });
        Schema::table('developers', function (Blueprint $table): void {
            $table->unsignedInteger('pack_cg')->nullable()->change();
            $table->string('pack_code', 64)->default('');
            $table->unsignedInteger('price_cents')->nullable();
            $table->unsignedInteger('version')->default(1);
        });
        Schema::create('measures', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained();
            // Of one product, such as shade-12; empty where it is of whatever it is filled with.
            $table->string('product', 30)->default('');
            $table->string('name', 40);
            $table->unsignedInteger('grams_cg');
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
            $table->unique(['salon_id', 'product', 'name']);
        });
        // What something was until a moment: a past visit keeps what it was worked with. Rows are only ever added.
        Schema::create('editions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained();
            $table->string('subject', 30);
            $table->dateTime('until', 3);
            $table->json('was');
            $table->index(['salon_id', 'until']);
        });
    }
};
