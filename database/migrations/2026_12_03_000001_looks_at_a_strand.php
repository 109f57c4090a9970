<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Which kind of strand somebody looked at, and the level that was seen there. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('stamps', function (Blueprint $table): void {
            $table->string('zone', 40)->default('');
            $table->string('strand', 160)->default('');
            $table->unsignedSmallInteger('level_hundredths')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('stamps', function (Blueprint $table): void {
            $table->dropColumn(['zone', 'strand', 'level_hundredths']);
        });
    }
};
