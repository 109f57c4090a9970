<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Of a large salon: the few tests that nobody has read, and the bowls that a blend of the house went into. */
    public function up(): void
    {
        Schema::table('skin_tests', function (Blueprint $table): void {
            $table->index(['result', 'placed_at']);
        });
        Schema::table('components', function (Blueprint $table): void {
            $table->index(['blend', 'bowl_id']);
        });
    }

    public function down(): void
    {
        Schema::table('skin_tests', function (Blueprint $table): void {
            $table->dropIndex(['result', 'placed_at']);
        });
        Schema::table('components', function (Blueprint $table): void {
            $table->dropIndex(['blend', 'bowl_id']);
        });
    }
};
