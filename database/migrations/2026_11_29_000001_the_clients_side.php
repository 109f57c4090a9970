<?php

declare(strict_types=1);

use App\Sealed\Seal;
use App\Sealed\SealedColumns;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    private const AT_ONCE = 500;

    public function up(): void
    {
        Schema::table('clients', function (Blueprint $table): void {
            $table->string('email', 190)->default('');
            // How they want to be reached: phone, mail, message, none; empty where nobody asked.
            $table->string('contact_by', 10)->default('');
            $table->foreignId('preferred_id')->nullable()->constrained('team_members');
            // The person was taken out of the record; grams and formulas stay.
            $table->dateTime('erased_at')->nullable();
            // Two files were of one person: this one's visits are in the other.
            $table->foreignId('merged_into_id')->nullable()->constrained('clients');
            $table->index(['salon_id', 'erased_at']);
        });
        Schema::table('salons', function (Blueprint $table): void {
            // Years after the last visit in which a client is erased; null where nobody is.
            $table->unsignedTinyInteger('keep_years')->nullable();
            // By kind of message: whether it is sent by itself, offered, or left, and the house's own words.
            $table->json('message_rules')->nullable();
        });
        // What a client agreed to, and what they took back: the last row of a kind is what stands.
        Schema::create('consents', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('client_id')->constrained();
            $table->string('kind', 20);
            $table->boolean('given');
            $table->string('words', 200)->default('');
            $table->dateTime('said_at');
            $table->foreignId('noted_by')->constrained('team_members');
            $table->dateTime('noted_at', 3);
            $table->index(['client_id', 'kind', 'said_at']);
        });
        // Two heads that are to look alike, the lower id first.
        Schema::create('client_matches', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained();
            $table->foreignId('client_id')->constrained();
            $table->foreignId('other_id')->constrained('clients');
            $table->string('how', 120);
            $table->foreignId('made_by')->constrained('team_members');
            $table->timestamps();
            $table->unique(['client_id', 'other_id']);
        });
        // What was written, sent or left of a message; what is due and untouched follows from the record.
        Schema::create('messages', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('salon_id')->constrained();
            $table->foreignId('client_id')->constrained();
            $table->string('kind', 20);
            // What it is about, such as visit-…: of each thing one message of a kind.
            $table->string('about', 60);
            $table->string('subject', 160);
            $table->text('words');
            $table->string('state', 10);
            $table->string('way', 10)->default('');
            $table->string('reached', 190)->default('');
            $table->string('trouble', 200)->default('');
            $table->foreignId('decided_by')->nullable()->constrained('team_members');
            $table->dateTime('decided_at')->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
            $table->unique(['kind', 'about']);
            $table->index(['salon_id', 'state', 'decided_at']);
        });
        $this->seal();
        $this->letErase();
    }

    /** Notes about health stand sealed from now on, in their columns and in the log of changes. */
    private function seal(): void
    {
        $seal = resolve(Seal::class);
        foreach (SealedColumns::OF as $table => $columns) {
            Schema::table($table, function (Blueprint $blueprint) use ($columns): void {
                foreach ($columns as $column) {
                    $blueprint->text($column)->default('')->change();
                }
            });
            foreach ($columns as $column) {
                DB::table($table)->where($column, '!=', '')->orderBy('id')->chunkById(self::AT_ONCE, function ($rows) use ($table, $column, $seal): void {
                    foreach ($rows as $row) {
                        DB::table($table)->where('id', $row->id)->update([$column => Seal::isSealed($row->{$column}) ? $row->{$column} : $seal->close($row->{$column})]);
                    }
                });
            }
        }
        DB::unprepared('DROP TRIGGER activity_log_no_UPDATE');
        $types = array_values(array_filter(DB::table('activity_log')->distinct()->pluck('subject_type')->all(), static fn (?string $type): bool => $type !== null && SealedColumns::ofSubject($type) !== []));
        DB::table('activity_log')->whereIn('subject_type', $types)->orderBy('id')->chunkById(self::AT_ONCE, function ($rows) use ($seal): void {
            foreach ($rows as $row) {
                $was = json_decode((string) $row->properties, true);
                $is = is_array($was) ? SealedColumns::inLog($was, SealedColumns::ofSubject($row->subject_type), static fn (string $words): string => Seal::isSealed($words) ? $words : $seal->close($words)) : $was;
                if ($is !== $was) {
                    DB::table('activity_log')->where('id', $row->id)->update(['properties' => json_encode($is, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)]);
                }
            }
        });
    }

    /**
     * What was only ever added to stays so, but for one thing: that the words of a row are taken out, when a person is erased. When,
     * who and how much stay as they were.
     */
    private function letErase(): void
    {
        $this->only('activity_log', 'properties', "NEW.properties <=> '{\"erased\":true}'", 'What was done: rows are only ever added.');
        $this->only('waivers', 'reason', "NEW.reason <=> 'erased'", 'Waivers: rows are only ever added.');
        $this->only('pours', 'reason', "NEW.reason <=> 'erased' AND OLD.reason IS NOT NULL", 'Pours are only ever added.');
        $this->only('stamps', 'words', "NEW.words <=> 'erased' AND OLD.words <> ''", 'Marks are only ever added.');
    }

    private function only(string $table, string $column, string $to, string $words): void
    {
        $same = array_map(
            static fn (string $each): string => "NEW.`{$each}` <=> OLD.`{$each}`",
            array_values(array_diff(Schema::getColumnListing($table), [$column])),
        );
        DB::unprepared("DROP TRIGGER IF EXISTS {$table}_no_UPDATE");
        DB::unprepared("CREATE TRIGGER {$table}_no_UPDATE BEFORE UPDATE ON {$table} FOR EACH ROW
            IF NOT ({$to} AND ".implode(' AND ', $same).") THEN
                SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = '{$words}';
            END IF");
    }
};
