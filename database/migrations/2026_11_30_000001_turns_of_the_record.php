<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // How often a salon's record has changed: what was worked from it before is known to be old. Salon 0 is every salon. Each node
        // counts in a row of its own, so that two nodes of a cluster never wait for one another; their sum is the turn.
        Schema::create('turns', function (Blueprint $table): void {
            $table->unsignedBigInteger('salon_id');
            $table->unsignedInteger('node');
            $table->unsignedBigInteger('record')->default(0);
            $table->unsignedBigInteger('shelf')->default(0);
            $table->primary(['salon_id', 'node']);
        });
    }
};
