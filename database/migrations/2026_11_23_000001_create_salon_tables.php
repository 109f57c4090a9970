<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('salons', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120);
            $table->string('timezone', 64)->default('UTC');
            $table->json('house_rules')->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
        });
        Schema::create('team_members', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained();
            $table->string('name', 120);
            $table->string('initials', 4);
            $table->string('email', 190)->unique();
            $table->string('password');
            $table->string('role', 20);
            $table->string('licence', 60)->default('');
            $table->rememberToken();
            $table->timestamps();
        });
        Schema::create('clients', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained();
            $table->string('name', 120);
            $table->string('phone', 40)->default('');
            $table->string('about', 500)->default('');
            $table->string('cautions', 500)->default('');
            $table->date('born_on')->nullable();
            // A training head: the same visits without a person, left out of what is learned of people.
            $table->boolean('training')->default(false);
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
            $table->index(['salon_id', 'name']);
        });
        Schema::create('colour_lines', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained();
            $table->string('name', 80);
            $table->string('kind', 20);
            $table->string('about', 300)->default('');
            $table->string('ratio', 30);
            $table->unsignedSmallInteger('min_minutes');
            $table->unsignedSmallInteger('target_minutes');
            $table->unsignedSmallInteger('max_minutes');
            $table->json('legend');
            $table->timestamps();
        });
        Schema::create('shades', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('colour_line_id')->constrained();
            $table->string('code', 20);
            $table->string('name', 80);
            $table->string('kind', 20);
            $table->unsignedSmallInteger('level_tenths')->nullable();
            $table->unsignedInteger('pack_cg');
            $table->unsignedSmallInteger('density_milli')->default(1000);
            $table->char('swatch', 7);
            $table->string('tone', 20)->nullable();
            $table->boolean('withdrawn')->default(false);
            $table->timestamps();
            $table->unique(['colour_line_id', 'code']);
        });
        Schema::create('developers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained();
            $table->string('name', 80);
            $table->unsignedSmallInteger('volume_hundredths');
            $table->unsignedInteger('pack_cg');
            $table->boolean('withdrawn')->default(false);
            $table->timestamps();
        });
        Schema::create('colour_line_developer', function (Blueprint $table): void {
            $table->foreignId('colour_line_id')->constrained();
            $table->foreignId('developer_id')->constrained();
            $table->primary(['colour_line_id', 'developer_id']);
        });
    }
};
