<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('rounds', function (Blueprint $table): void {
            // What each zone came to before the next round, as it was seen; who looked, and when.
            $table->json('reached')->nullable();
            $table->foreignId('reached_by')->nullable()->constrained('team_members');
            $table->dateTime('reached_at')->nullable();
        });
        Schema::table('stamps', function (Blueprint $table): void {
            // Left first, then right: each with its own clock. Empty is the whole bowl's.
            $table->string('side', 10)->default('');
        });
        Schema::table('proposals', function (Blueprint $table): void {
            // Several visits may be planned at once: a change waits in each, until one of them has carried it out.
            $table->uuid('copy_of')->nullable()->index();
        });
        Schema::table('visits', function (Blueprint $table): void {
            // Washes, treatments and masks in their order, with minutes and price.
            $table->json('care')->nullable();
        });
    }
};
