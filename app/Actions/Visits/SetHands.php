<?php

declare(strict_types=1);

namespace App\Actions\Visits;

use App\Exceptions\EditedElsewhere;
use App\Models\Visit;
use Illuminate\Database\DatabaseManager;

/** How many people can apply at once in a visit. */
final readonly class SetHands
{
    public function __construct(private DatabaseManager $database)
    {
    }

    public function __invoke(Visit $visit, int $version, int $hands): Visit
    {
        return $this->database->transaction(function () use ($visit, $version, $hands): Visit {
            $current = LockVisit::open($visit->id);
            if ($current->version !== $version) {
                throw EditedElsewhere::visit($current);
            }
            $current->fill(['hands' => $hands, 'version' => $version + 1])->save();

            return $current;
        });
    }
}
