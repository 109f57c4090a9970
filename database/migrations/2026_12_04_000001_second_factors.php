<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What somebody has beside their password: an application that makes codes, and codes on paper for the day it is lost. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('second_factors', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('team_member_id')->unique()->constrained()->cascadeOnDelete();
            $table->string('secret', 400);
            $table->unsignedBigInteger('last_step')->default(0);
            $table->json('paper');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('second_factors');
    }
};
