<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('visits', function (Blueprint $table): void {
            // Said at the next visit, where it can be known: did grey show, and after how many weeks did it fade?
            $table->boolean('grey_shown')->nullable();
            $table->unsignedSmallInteger('lasted_weeks')->nullable();
            $table->foreignId('lasted_said_by')->nullable()->constrained('team_members');
            $table->dateTime('lasted_said_at')->nullable();
            // A visit that did not take place: why, and since when.
            $table->string('ended_reason', 300)->default('');
            $table->dateTime('ended_at')->nullable();
        });
    }
};
