<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // What hair did in closed visits beside what was expected of it, worked once a visit: it follows from the record, and
        // is worked anew where the record is corrected.
        Schema::create('observations', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained();
            $table->foreignId('client_id')->constrained();
            $table->uuid('visit_id');
            $table->foreign('visit_id')->references('id')->on('visits')->cascadeOnDelete();
            $table->foreignId('colour_line_id')->constrained();
            $table->string('kind', 20);
            $table->string('alike', 24);
            $table->integer('lift_hundredths')->nullable();
            $table->integer('deeper_hundredths')->nullable();
            $table->integer('warmer_hundredths')->nullable();
            $table->integer('redder_hundredths')->nullable();
            $table->dateTime('seen_at');
            $table->index(['salon_id', 'seen_at']);
            $table->index(['client_id', 'seen_at']);
        });
        // How far off each closed visit was, foretold from what was known before it: by the table, with the house, with the client.
        Schema::create('foretold', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained();
            $table->uuid('visit_id');
            $table->foreign('visit_id')->references('id')->on('visits')->cascadeOnDelete();
            $table->string('zone', 40);
            $table->string('by', 10);
            $table->unsignedInteger('levels_hundredths');
            $table->unsignedInteger('seen_hundredths')->nullable();
            $table->dateTime('seen_at');
            $table->index(['salon_id', 'by', 'seen_at']);
        });
        Schema::table('visits', function (Blueprint $table): void {
            $table->unsignedSmallInteger('learnt')->default(0);
        });
    }
};
