<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // What stands in the address of a person's own calendar, hashed: who has the address reads it, until it is made anew.
        Schema::table('team_members', function (Blueprint $table): void {
            $table->char('calendar_hash', 64)->nullable()->unique();
        });
    }
};
