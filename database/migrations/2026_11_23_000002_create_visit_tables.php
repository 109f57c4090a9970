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
        // Visits, rounds, bowls, batches and pours carry ids made by the device that creates them:
        // a repeated request then finds its own row instead of making a second one.
        Schema::create('visits', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('salon_id')->constrained();
            $table->foreignId('client_id')->constrained();
            $table->foreignId('colourist_id')->constrained('team_members');
            $table->foreignUuid('from_visit_id')->nullable()->constrained('visits');
            $table->string('service', 120);
            $table->string('status', 20);
            $table->dateTime('starts_at');
            $table->dateTime('received_at')->nullable();
            $table->dateTime('closed_at')->nullable();
            $table->foreignId('closed_by')->nullable()->constrained('team_members');
            $table->text('note');
            $table->string('verdict', 20)->nullable();
            $table->string('outcome', 1000)->default('');
            $table->string('keep', 1000)->default('');
            $table->string('change', 1000)->default('');
            $table->json('results')->nullable();
            $table->boolean('lasting')->nullable();
            $table->boolean('covering')->nullable();
            $table->boolean('bright')->nullable();
            $table->date('next_on')->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
            $table->index(['salon_id', 'starts_at']);
            $table->index(['client_id', 'starts_at']);
        });
        Schema::create('rounds', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('visit_id')->constrained();
            $table->unsignedSmallInteger('position');
            $table->string('name', 80);
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
            $table->unique(['visit_id', 'position']);
        });
        Schema::create('bowls', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('round_id')->constrained();
            $table->unsignedSmallInteger('position');
            $table->foreignUuid('from_bowl_id')->nullable()->constrained('bowls')->nullOnDelete();
            $table->char('letter', 2);
            $table->string('job', 80);
            $table->foreignId('colour_line_id')->constrained();
            // The bowl in the shape of docs/format; letter, job, line and components above and beside it are for finding it.
            $table->json('sheet');
            $table->json('trial')->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
            $table->index(['round_id', 'position']);
        });
        Schema::create('components', function (Blueprint $table): void {
            $table->id();
            $table->foreignUuid('bowl_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('position');
            // Null for an additive on top of the ratio.
            $table->unsignedTinyInteger('part')->nullable();
            $table->foreignId('shade_id')->nullable()->constrained();
            $table->foreignId('developer_id')->nullable()->constrained();
            // What was left of another bowl, or a house blend.
            $table->foreignUuid('source_bowl_id')->nullable()->constrained('bowls')->nullOnDelete();
            $table->string('blend', 80)->nullable();
            $table->string('share', 200);
            $table->unique(['bowl_id', 'position']);
        });
        Schema::create('batches', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('bowl_id')->constrained();
            $table->unsignedSmallInteger('number');
            $table->json('plan');
            $table->string('status', 20);
            $table->unsignedInteger('mixed_cg')->default(0);
            $table->unsignedInteger('used_cg')->default(0);
            $table->foreignId('started_by')->constrained('team_members');
            $table->dateTime('started_at');
            $table->dateTime('finished_at')->nullable();
            $table->timestamps();
            $table->unique(['bowl_id', 'number']);
        });
        Schema::create('pours', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('batch_id')->constrained();
            $table->unsignedSmallInteger('sequence');
            $table->string('kind', 20);
            $table->string('line', 60)->nullable();
            $table->unsignedInteger('grams_cg')->nullable();
            $table->string('source', 10)->nullable();
            $table->integer('reading_cg')->nullable();
            $table->string('reason', 300)->nullable();
            $table->json('added')->nullable();
            $table->foreignId('team_member_id')->constrained();
            $table->dateTime('poured_at', 3);
            $table->unique(['batch_id', 'sequence']);
        });
        foreach (['UPDATE', 'DELETE'] as $verb) {
            DB::unprepared("CREATE TRIGGER pours_no_{$verb} BEFORE {$verb} ON pours FOR EACH ROW
                SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'Pours are only ever added.'");
        }
    }
};
