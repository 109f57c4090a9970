<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        // Two houses may hear the same word; and the latest standing of a batch is looked up by its time.
        DB::statement('ALTER TABLE scale_zeros
            DROP PRIMARY KEY,
            ADD COLUMN id BIGINT UNSIGNED NOT NULL AUTO_INCREMENT FIRST,
            ADD PRIMARY KEY (id),
            ADD UNIQUE scale_zeros_salon_id_word_unique (salon_id, word),
            ADD INDEX scale_zeros_set_at_index (set_at)');
    }
};
