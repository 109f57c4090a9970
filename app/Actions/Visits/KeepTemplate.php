<?php

declare(strict_types=1);

namespace App\Actions\Visits;

use App\Exceptions\VisitRefused;
use App\Models\Bowl;
use App\Models\Round;
use App\Models\ServiceTemplate;
use App\Models\Visit;

/**
 * Keeps a visit's rounds and bowls, as they are planned, as a service of the house; the same name again is the same
 * service.
 */
final readonly class KeepTemplate
{
    public function __invoke(Visit $visit, string $name): ServiceTemplate
    {
        $rounds = $visit->rounds()->with('bowls')->get()
            ->filter(fn (Round $round): bool => $round->bowls->isNotEmpty())
            ->map(fn (Round $round): array => [
                'name' => $round->name,
                'bowls' => array_values($round->bowls->map(
                    fn (Bowl $bowl): array => ['id' => $bowl->id, 'sheet' => $bowl->sheet],
                )->all()),
            ])->values()->all();

        return $rounds === [] ? throw VisitRefused::nothingPlanned() : ServiceTemplate::query()->updateOrCreate(
            ['salon_id' => $visit->salon_id, 'name' => $name],
            ['rounds' => $rounds],
        );
    }
}
