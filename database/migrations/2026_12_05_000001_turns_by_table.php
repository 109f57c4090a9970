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
        // At which turn each table was last written, and since when that is counted: what was worked from other tables holds. Who counts
        // without saying so leaves `last` behind, and is known not to have said so.
        Schema::table('turns', function (Blueprint $table): void {
            $table->text('tables')->default('{}');
        });
        DB::statement("UPDATE turns SET tables = JSON_OBJECT('since', record, 'last', record)");
    }
};
