<?php

declare(strict_types=1);

use App\Actions\Visits\LearnFromVisit;
use App\Formulas\JudgeRows;
use App\Models\Salon;
use Illuminate\Support\Facades\Artisan;

// After an update: what closed visits teach follows from the record, by the model of this release.
Artisan::command('learn', function (LearnFromVisit $learn): void {
    $this->info("{$learn->all()} closed visits were learnt from.");
});

// ./tinta judge: how far off each closed visit was, foretold from what was known before it.
Artisan::command('judge', function (LearnFromVisit $learn, JudgeRows $judge): void {
    $learn->all();
    foreach (Salon::query()->orderBy('id')->get() as $salon) {
        $this->line("{$salon->name}: mean miss of the outlook over closed visits");
        $this->table(['foretold by', 'zones', 'levels', 'CIEDE2000'], array_map(
            static fn (string $by, array $miss): array => [$by, $miss['count'], $miss['levels'], $miss['seen'] ?? '–'],
            array_keys($judge->of($salon)),
            $judge->of($salon),
        ));
    }
});
