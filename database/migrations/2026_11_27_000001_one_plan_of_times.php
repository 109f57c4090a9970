<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // People who can apply at once; the plan of times takes as many as are named, at least.
        Schema::table('visits', function (Blueprint $table): void {
            $table->unsignedTinyInteger('hands')->default(1);
        });
        // Minutes that somebody gave a bowl beyond its plan.
        Schema::table('stamps', function (Blueprint $table): void {
            $table->unsignedTinyInteger('minutes')->default(0);
        });
    }
};
