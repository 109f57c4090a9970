<?php

declare(strict_types=1);

namespace App\Actions\Visits;

use App\Enums\VisitStatus;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Illuminate\Database\DatabaseManager;

/** The client sits down. Doing it twice changes nothing. */
final readonly class ReceiveClient
{
    public function __construct(private DatabaseManager $database)
    {
    }

    public function __invoke(Visit $visit, CarbonImmutable $now): Visit
    {
        return $this->database->transaction(function () use ($visit, $now): Visit {
            $current = LockVisit::any($visit->id);
            if ($current->status === VisitStatus::Expected) {
                $current->fill([
                    'status' => VisitStatus::InChair,
                    'received_at' => $now,
                    'version' => $current->version + 1,
                ])->save();
            }

            return $current;
        });
    }
}
