<?php

declare(strict_types=1);

namespace App\Actions\Visits;

use App\Exceptions\EditedElsewhere;
use App\Exceptions\VisitRefused;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Illuminate\Database\DatabaseManager;

/** Changes a visit's service or note. */
final readonly class UpdateVisit
{
    public function __construct(private DatabaseManager $database)
    {
    }

    /** @param  array{service?: string, note?: string, starts_at?: CarbonImmutable}  $changes */
    public function __invoke(Visit $visit, int $version, array $changes): Visit
    {
        return $this->database->transaction(function () use ($visit, $version, $changes): Visit {
            $current = LockVisit::any($visit->id);
            match (true) {
                $current->status->isOver() => throw VisitRefused::closed(),
                $current->version !== $version => throw EditedElsewhere::visit($current),
                default => $current->fill([...$changes, 'version' => $version + 1])->save(),
            };

            return $current;
        });
    }
}
