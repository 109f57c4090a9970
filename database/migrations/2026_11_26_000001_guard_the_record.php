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
        Schema::table('salons', function (Blueprint $table): void {
            // The invented salon that ships with the product: it alone may be thrown away and loaded afresh.
            $table->boolean('demo')->default(false);
        });
        DB::table('salons')->where('name', 'Sailcloth Row Colour Studio')
            ->whereNotExists(fn ($query) => $query->from('team_members')->whereColumn('salon_id', 'salons.id')->where('email', 'not like', '%@sailcloth.example'))
            ->update(['demo' => true]);
        Schema::table('clients', function (Blueprint $table): void {
            // A new client carries an id made by the device, so that sending it twice makes one.
            $table->uuid('made_as')->nullable()->unique();
        });
        Schema::table('skin_tests', function (Blueprint $table): void {
            // Who placed a test that was recorded later than it was placed, and when it was recorded.
            $table->string('placed_words', 120)->default('');
            $table->dateTime('recorded_at')->nullable();
        });
        Schema::table('waivers', function (Blueprint $table): void {
            // The lines it was signed for. Null, from before this was kept, stands for none.
            $table->json('lines')->nullable();
        });
        Schema::table('pours', function (Blueprint $table): void {
            // When the server had it; poured_at is when the hand did it.
            $table->dateTime('arrived_at', 3)->nullable();
        });
        // A write that a device keeps until it has an answer is carried out once, however often it is sent.
        Schema::create('writes', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('team_member_id')->constrained();
            $table->char('fingerprint', 64);
            $table->dateTime('made_at', 3);
            $table->dateTime('arrived_at', 3)->index();
        });
        Schema::create('sign_in_tries', function (Blueprint $table): void {
            $table->char('key', 64)->primary();
            $table->unsignedInteger('tries');
            $table->dateTime('next_at', 3);
            $table->dateTime('forget_at')->index();
        });
        Schema::create('activity_log', function (Blueprint $table): void {
            $table->id();
            $table->string('log_name')->nullable();
            $table->text('description');
            $table->string('event', 40)->nullable();
            $table->string('subject_type', 60)->nullable();
            $table->string('subject_id', 40)->nullable();
            $table->string('causer_type', 60)->nullable();
            $table->unsignedBigInteger('causer_id')->nullable();
            $table->json('properties')->nullable();
            $table->uuid('batch_uuid')->nullable();
            $table->timestamps();
            $table->index(['subject_type', 'subject_id']);
            $table->index(['causer_type', 'causer_id']);
        });
        foreach (['waivers' => 'Waivers', 'activity_log' => 'What was done', 'writes' => 'Writes'] as $name => $words) {
            foreach ($name === 'writes' ? ['UPDATE'] : ['UPDATE', 'DELETE'] as $verb) {
                DB::unprepared("CREATE TRIGGER {$name}_no_{$verb} BEFORE {$verb} ON {$name} FOR EACH ROW
                    SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = '{$words}: rows are only ever added.'");
            }
        }
        DB::unprepared("CREATE TRIGGER batches_no_DELETE BEFORE DELETE ON batches FOR EACH ROW
            SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'A batch that was begun stays.'");
        DB::unprepared("CREATE TRIGGER batches_plan_stays BEFORE UPDATE ON batches FOR EACH ROW
            IF NOT (OLD.plan <=> NEW.plan AND OLD.bowl_id <=> NEW.bowl_id AND OLD.number <=> NEW.number) THEN
                SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'The plan of a batch stays as it was when weighing began.';
            END IF");
    }
};
