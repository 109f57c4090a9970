<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // An invented head to practise on: whose it is, what is to be learnt, and the seed of a truth that no page shows.
        Schema::table('clients', function (Blueprint $table): void {
            $table->unsignedInteger('practice_seed')->nullable();
            $table->string('practice_lesson', 20)->nullable();
            $table->foreignId('practice_of')->nullable()->constrained('team_members');
        });
        Schema::create('practice_tries', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained();
            $table->uuid('visit_id');
            $table->foreign('visit_id')->references('id')->on('visits')->cascadeOnDelete();
            $table->foreignId('team_member_id')->constrained();
            $table->json('came');
            $table->unsignedSmallInteger('zones');
            $table->unsignedSmallInteger('on_target');
            $table->unsignedInteger('seen_hundredths');
            $table->dateTime('tried_at');
            $table->index(['team_member_id', 'tried_at']);
        });
    }
};
