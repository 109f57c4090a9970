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
        // A product says its own density, or follows its line's; one gram a millilitre was what nobody had said.
        Schema::table('shades', function (Blueprint $table): void {
            $table->unsignedSmallInteger('density_milli')->nullable()->default(null)->change();
        });
        DB::table('shades')->where('density_milli', 1000)->update(['density_milli' => null]);
    }
};
