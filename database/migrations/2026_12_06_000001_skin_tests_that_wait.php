<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Of a large salon's tests nearly all are read: those that wait are found without looking through them. */
    public function up(): void
    {
        Schema::table('skin_tests', function (Blueprint $table): void {
            $table->index(['result', 'placed_at']);
        });
    }

    public function down(): void
    {
        Schema::table('skin_tests', function (Blueprint $table): void {
            $table->dropIndex(['result', 'placed_at']);
        });
    }
};
