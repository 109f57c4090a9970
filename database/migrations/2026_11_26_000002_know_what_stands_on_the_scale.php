<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Which batch the scale was told to stand under, since something was last put on it. The word is the reader's:
        // another after each such moment, and after each break in which the scale was not heard.
        Schema::create('scale_zeros', function (Blueprint $table): void {
            $table->string('word', 40)->primary();
            $table->foreignId('salon_id')->constrained();
            $table->foreignUuid('batch_id')->nullable()->constrained();
            $table->dateTime('set_at', 3);
        });
        // The house's mixing bowls: by mark where they have one, by weight always.
        Schema::create('vessels', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained();
            $table->string('mark', 40)->default('');
            $table->unsignedInteger('weight_cg');
            // The weighing that taught it: taken back, it is forgotten.
            $table->uuid('pour_id')->unique();
            $table->timestamps();
            $table->index(['salon_id', 'mark']);
        });
        Schema::table('pours', function (Blueprint $table): void {
            $table->string('zero', 40)->nullable();
            $table->string('vessel', 40)->default('');
        });
        Schema::table('stamps', function (Blueprint $table): void {
            // A batch may have a clock of its own; null is the bowl's.
            $table->foreignUuid('batch_id')->nullable()->constrained();
        });
    }
};
