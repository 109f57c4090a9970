<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The pictures themselves, where several machines have one record. On one machine they stay in its folder. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('photo_files', function (Blueprint $table): void {
            $table->string('name', 120)->primary();
            $table->dateTime('kept_at');
        });
        // A picture is drawn anew at 1600 points and is below a megabyte; the column takes 16.
        DB::statement('ALTER TABLE photo_files ADD bytes MEDIUMBLOB NOT NULL');
    }

    public function down(): void
    {
        Schema::dropIfExists('photo_files');
    }
};
