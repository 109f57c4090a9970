<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('team_members', function (Blueprint $table): void {
            // Who left keeps the name on what they did, and comes in no more.
            $table->dateTime('ended_at')->nullable();
            $table->string('pin')->nullable();
            $table->unsignedInteger('version')->default(1);
        });
        Schema::table('salons', function (Blueprint $table): void {
            // Which steps of the beginning were left for later; null where nobody is led through them.
            $table->json('beginning')->nullable();
        });
        Schema::create('invitations', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained();
            // Of somebody who is here and sets a new password; empty for somebody new.
            $table->foreignId('team_member_id')->nullable()->constrained();
            $table->foreignId('made_by')->constrained('team_members');
            $table->char('token_hash', 64)->unique();
            $table->string('name', 120);
            $table->string('email', 190);
            $table->string('role', 20);
            $table->string('licence', 60)->default('');
            $table->dateTime('ends_at');
            $table->dateTime('used_at')->nullable();
            $table->timestamps();
        });
    }
};
