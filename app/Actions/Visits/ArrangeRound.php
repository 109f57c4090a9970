<?php

declare(strict_types=1);

namespace App\Actions\Visits;

use App\Exceptions\EditedElsewhere;
use App\Exceptions\VisitRefused;
use App\Models\Round;
use App\Models\Visit;
use Illuminate\Database\DatabaseManager;

/** Names a round anew, or takes an empty one out. */
final readonly class ArrangeRound
{
    public function __construct(private DatabaseManager $database)
    {
    }

    public function rename(Round $round, int $version, string $name): Visit
    {
        return $this->onOpen(
            $round,
            $version,
            fn (Round $current): bool => $current->fill(['name' => $name, 'version' => $version + 1])->save(),
        );
    }

    public function remove(Round $round, int $version): Visit
    {
        return $this->onOpen(
            $round,
            $version,
            fn (Round $current): ?bool => $current->bowls()->exists()
                ? throw VisitRefused::roundNotEmpty($current->name)
                : $current->delete(),
        );
    }

    /** @param  callable(Round): ?bool  $change */
    private function onOpen(Round $round, int $version, callable $change): Visit
    {
        return $this->database->transaction(function () use ($round, $version, $change): Visit {
            $visit = LockVisit::any($round->visit_id);
            if ($visit->status->isOver()) {
                throw VisitRefused::closed();
            }
            $current = Round::query()->lockForUpdate()->findOrFail($round->id);
            if ($current->version !== $version) {
                throw EditedElsewhere::round($visit);
            }
            $change($current);

            return $visit;
        });
    }
}
