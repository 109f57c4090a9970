<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Not offered any more; bowls that used it keep it.
        Schema::table('house_blends', function (Blueprint $table): void {
            $table->boolean('retired')->default(false);
        });
        // Rows are only ever added: what is on the shelf is their sum.
        Schema::create('stock_moves', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained();
            $table->string('product', 30);
            $table->string('kind', 12);
            $table->integer('grams_cg');
            $table->string('note', 200)->default('');
            $table->foreignUuid('batch_id')->nullable()->constrained();
            $table->foreignId('team_member_id')->constrained();
            // What a pack held and cost then: what was poured keeps its price.
            $table->unsignedInteger('pack_cg')->nullable();
            $table->unsignedInteger('pack_cents')->nullable();
            $table->dateTime('moved_at', 3);
            $table->index(['salon_id', 'product', 'kind', 'grams_cg']);
        });
        foreach (['shades', 'developers'] as $name) {
            Schema::table($name, function (Blueprint $table): void {
                // So much or less is low; where nobody says, half a pack.
                $table->unsignedInteger('low_cg')->nullable();
            });
        }
    }
};
