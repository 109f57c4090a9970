<?php

declare(strict_types=1);

namespace App\Actions\Bowls;

use App\Enums\VisitStatus;
use App\Exceptions\EditedElsewhere;
use App\Exceptions\VisitRefused;
use App\Models\Bowl;
use Illuminate\Database\DatabaseManager;

/** Takes a bowl out of a visit, as long as nothing of it was weighed. */
final readonly class RemoveBowl
{
    public function __construct(private DatabaseManager $database)
    {
    }

    public function __invoke(Bowl $bowl, int $version): void
    {
        $this->database->transaction(function () use ($bowl, $version): void {
            $current = Bowl::query()->lockForUpdate()->findOrFail($bowl->id);
            match (true) {
                $current->version !== $version => throw EditedElsewhere::bowl($current),
                $current->round->visit->status === VisitStatus::Closed => throw VisitRefused::closed(),
                $current->batches()->exists() => throw VisitRefused::bowlBeingWeighed(trim($current->letter)),
                default => $current->delete(),
            };
        });
    }
}
