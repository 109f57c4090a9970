<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // What a salon of a million visits is asked for every few seconds: who is here, who is due again, what was poured this month.
        Schema::table('visits', function (Blueprint $table): void {
            $table->index(['salon_id', 'status', 'starts_at']);
            $table->index(['salon_id', 'next_on']);
        });
        Schema::table('bowls', fn (Blueprint $table) => $table->index(['colour_line_id', 'job', 'created_at']));
        Schema::table('stock_moves', fn (Blueprint $table) => $table->index(['salon_id', 'moved_at']));
        Schema::table('skin_tests', fn (Blueprint $table) => $table->index(['placed_at']));
        // What is on the shelf is the sum of the ledger; nobody adds up years of pours to say it. The database keeps the sum itself, in the
        // transaction that adds a row; the application can only read it.
        Schema::create('stock_sums', function (Blueprint $table): void {
            $table->foreignId('salon_id')->constrained();
            $table->string('product', 30);
            $table->bigInteger('sum_cg');
            $table->boolean('counted');
            $table->primary(['salon_id', 'product']);
        });
        DB::statement("INSERT INTO stock_sums (salon_id, product, sum_cg, counted) SELECT salon_id, product, SUM(grams_cg), MAX(kind = 'counted') FROM stock_moves GROUP BY salon_id, product");
        DB::unprepared("CREATE TRIGGER stock_moves_sum AFTER INSERT ON stock_moves FOR EACH ROW
            INSERT INTO stock_sums (salon_id, product, sum_cg, counted) VALUES (NEW.salon_id, NEW.product, NEW.grams_cg, NEW.kind = 'counted')
            ON DUPLICATE KEY UPDATE sum_cg = sum_cg + NEW.grams_cg, counted = counted OR NEW.kind = 'counted'");
    }
};
