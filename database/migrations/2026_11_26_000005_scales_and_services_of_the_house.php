<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Services of the house, to be planned with one press: their rounds and bowls as they were planned.
        Schema::create('service_templates', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained();
            $table->string('name', 80);
            $table->json('rounds');
            $table->timestamps();
            $table->unique(['salon_id', 'name']);
        });
        // How a house's scales write, learnt from lines that they sent.
        Schema::create('scale_formats', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained();
            $table->string('name', 40);
            $table->json('example');
            $table->json('format');
            $table->timestamps();
            $table->unique(['salon_id', 'name']);
        });
    }
};
