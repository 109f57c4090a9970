<?php

declare(strict_types=1);

namespace App\Actions\Visits;

use App\Enums\VisitStatus;
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

    public function rename(Round $round, string $name): Visit
    {
        return $this->onOpen($round, fn (): bool => $round->fill(['name' => $name])->save());
    }

    public function remove(Round $round): Visit
    {
        return $this->onOpen($round, fn (): ?bool => $round->bowls()->exists() ? throw VisitRefused::roundNotEmpty($round->name) : $round->delete());
    }

    /** @param  callable(): ?bool  $change */
    private function onOpen(Round $round, callable $change): Visit
    {
        return $this->database->transaction(function () use ($round, $change): Visit {
            $visit = Visit::query()->lockForUpdate()->findOrFail($round->visit_id);
            $visit->status === VisitStatus::Closed ? throw VisitRefused::closed() : $change();

            return $visit;
        });
    }
}
