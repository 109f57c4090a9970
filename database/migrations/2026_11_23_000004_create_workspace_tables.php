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
        Schema::create('canvases', function (Blueprint $table): void {
            $table->foreignUuid('visit_id')->primary()->constrained();
            $table->json('canvas');
            $table->json('said');
            $table->unsignedInteger('version')->default(1);
            $table->foreignId('edited_by')->nullable()->constrained('team_members');
            $table->timestamps();
        });
        Schema::create('skin_tests', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('client_id')->constrained();
            $table->json('lines');
            $table->string('spot', 80);
            $table->dateTime('placed_at');
            $table->foreignId('placed_by')->constrained('team_members');
            $table->dateTime('read_at')->nullable();
            $table->foreignId('read_by')->nullable()->constrained('team_members');
            $table->string('result', 20)->nullable();
            $table->string('note', 300)->default('');
            $table->timestamps();
            $table->index(['client_id', 'placed_at']);
        });
        Schema::create('contraindications', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('client_id')->constrained();
            $table->string('kind', 30);
            $table->string('note', 300)->default('');
            $table->dateTime('noted_at');
            $table->foreignId('noted_by')->constrained('team_members');
            $table->dateTime('lifted_at')->nullable();
            $table->foreignId('lifted_by')->nullable()->constrained('team_members');
            $table->string('clearance', 300)->default('');
            $table->timestamps();
        });
        Schema::create('waivers', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('visit_id')->constrained();
            $table->foreignId('team_member_id')->constrained();
            $table->string('licence', 60);
            $table->string('reason', 300);
            $table->dateTime('made_at');
        });
        Schema::create('stamps', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('bowl_id')->constrained();
            $table->unsignedSmallInteger('sequence');
            $table->string('kind', 20);
            $table->dateTime('stamped_at');
            $table->string('words', 200)->default('');
            $table->foreignId('team_member_id')->constrained();
            $table->unique(['bowl_id', 'sequence']);
        });
        foreach (['UPDATE', 'DELETE'] as $verb) {
            DB::unprepared("CREATE TRIGGER stamps_no_{$verb} BEFORE {$verb} ON stamps FOR EACH ROW
                SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'Marks are only ever added.'");
        }
        Schema::create('photos', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('client_id')->constrained();
            $table->foreignUuid('visit_id')->nullable()->constrained();
            $table->string('kind', 20);
            $table->string('file', 120);
            $table->unsignedSmallInteger('width');
            $table->unsignedSmallInteger('height');
            $table->string('note', 200)->default('');
            $table->dateTime('taken_at');
            $table->foreignId('taken_by')->constrained('team_members');
            $table->timestamps();
        });
        // What was said, worked out or decided about a bowl from one visit to the next, with its reason.
        Schema::create('proposals', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('client_id')->constrained();
            $table->foreignUuid('from_visit_id')->constrained('visits');
            $table->foreignUuid('visit_id')->nullable()->constrained('visits');
            $table->foreignUuid('bowl_id')->nullable()->constrained('bowls')->nullOnDelete();
            $table->foreignUuid('from_bowl_id')->nullable()->constrained('bowls')->nullOnDelete();
            $table->string('source', 20);
            $table->json('change');
            $table->string('words', 1000);
            $table->string('reason', 500)->default('');
            $table->string('before', 300)->default('');
            $table->string('after', 300)->default('');
            // The bowl without the change and with it: it is taken back only from where it left the bowl.
            $table->json('sheet_before')->nullable();
            $table->json('sheet_after')->nullable();
            $table->string('state', 20);
            $table->foreignId('decided_by')->nullable()->constrained('team_members');
            $table->dateTime('decided_at')->nullable();
            $table->timestamps();
            $table->index(['client_id', 'state']);
        });
        Schema::create('house_blends', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained();
            $table->foreignId('colour_line_id')->constrained();
            $table->string('name', 80);
            $table->unsignedSmallInteger('version');
            $table->json('ingredients');
            $table->timestamps();
            $table->unique(['salon_id', 'name', 'version']);
        });
        // Every word a client can be found by, in the order a search reads them.
        Schema::create('client_words', function (Blueprint $table): void {
            $table->foreignId('salon_id');
            $table->string('word', 40);
            $table->string('kind', 12);
            $table->foreignId('client_id');
            $table->primary(['salon_id', 'word', 'kind', 'client_id']);
            $table->index('client_id');
        });
    }
};
