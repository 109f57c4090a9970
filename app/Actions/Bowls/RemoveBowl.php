<?php

declare(strict_types=1);

namespace App\Actions\Bowls;

use App\Actions\Visits\LockVisit;
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
            LockVisit::open($bowl->round->visit_id);
            $current = Bowl::query()->lockForUpdate()->findOrFail($bowl->id);
            $holding = Bowl::query()->whereHas(
                'components',
                fn ($each) => $each->where('source_bowl_id', $current->id),
            )->pluck('letter')->map(fn (string $letter): string => trim($letter));
            match (true) {
                $current->version !== $version => throw EditedElsewhere::bowl($current),
                // Without it nobody could say any more what is in the others.
                $holding->isNotEmpty() => throw VisitRefused::leftElsewhere(
                    trim($current->letter),
                    $holding->implode(', '),
                ),
                $current->batches()->exists() => throw VisitRefused::bowlBeingWeighed(trim($current->letter)),
                $current->wasBegun() => throw VisitRefused::bowlWasBegun(trim($current->letter)),
                default => $current->delete(),
            };
        });
    }
}
