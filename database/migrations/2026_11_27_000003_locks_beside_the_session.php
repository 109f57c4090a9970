<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Not in the session's own payload, which the last of several requests at once writes over.
        Schema::table('sessions', function (Blueprint $table): void {
            $table->dateTime('locked_at')->nullable();
        });
    }
};
