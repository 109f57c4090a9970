<?php

declare(strict_types=1);

namespace App\Http\Resources\Visits;

use App\Formulas\PastStanding;
use App\Models\Client;
use App\Models\Visit;

/** A client's visits as entries, the latest first: the bowls of those that are over are worked once. */
final class VisitLines
{
    /** What is read of a visit's bowls, and asked for only where they are worked. */
    private const BOWLS = [
        'rounds.bowls.stamps',
        'rounds.bowls.batches.pours',
        'rounds.bowls.colourLine',
        'rounds.bowls.components.shade',
        'rounds.bowls.components.developer',
    ];

    /** @return list<array<string, mixed>> */
    public static function of(Client $client, int $most): array
    {
        $visits = $client->visits()->with(['client', 'colourist.salon', 'from', 'proposals'])->limit($most)->get();
        $over = $visits->filter(fn (Visit $visit): bool => $visit->status->isOver());
        $visits->diff($over)->load(self::BOWLS);
        $bowls = resolve(PastStanding::class)->of(
            'lines '.app()->getLocale(),
            $client->salon_id,
            array_values($over->map(fn (Visit $visit): string => $visit->id)->all()),
            fn (): array => $over->load(self::BOWLS)
                ->mapWithKeys(fn (Visit $visit): array => [$visit->id => VisitLineResource::bowls($visit)])
                ->all(),
        );

        return array_values($visits->map(
            fn (Visit $visit): array => (new VisitLineResource($visit, $bowls[$visit->id] ?? null))->toArray(),
        )->all());
    }
}
