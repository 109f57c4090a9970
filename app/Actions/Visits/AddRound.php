<?php

declare(strict_types=1);

namespace App\Actions\Visits;

use App\Exceptions\VisitRefused;
use App\Models\Round;
use App\Models\Visit;
use Illuminate\Database\DatabaseManager;

/** Adds a round of bowls after the last one: rinse, then tone, say. */
final readonly class AddRound
{
    public function __construct(private DatabaseManager $database)
    {
    }

    public function __invoke(Visit $visit, string $id, string $name): Visit
    {
        return $this->database->transaction(function () use ($visit, $id, $name): Visit {
            $current = LockVisit::any($visit->id);
            $existing = Round::query()->find($id);
            match (true) {
                $existing !== null && $existing->visit_id !== $current->id => throw VisitRefused::idTaken(),
                $existing !== null => null,
                $current->status->isOver() => throw VisitRefused::closed(),
                default => Round::query()->create([
                    'id' => $id,
                    'visit_id' => $current->id,
                    'position' => (int) $current->rounds()->max('position') + 1,
                    'name' => $name,
                ]),
            };

            return $current;
        });
    }
}
