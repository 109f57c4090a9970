<?php

declare(strict_types=1);

use App\Actions\Visits\LearnFromVisit;
use Illuminate\Support\Facades\Artisan;

// After an update: what closed visits teach follows from the record, by the model of this release.
Artisan::command('learn', function (LearnFromVisit $learn): void {
    $this->info("{$learn->all()} closed visits were learnt from.");
});
