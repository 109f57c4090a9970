<?php

declare(strict_types=1);

namespace App\Http\Resources\Visits;

use App\Models\Visit;
use App\Words\Say;
use Carbon\CarbonImmutable;
use Core\Fact;
use Core\Timing\ActKind;
use Core\Timing\DayClash;
use Core\Timing\InHand;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * Two heads that need the same hands at once.
 *
 * @property DayClash $resource
 */
final class ClashResource extends JsonResource
{
    /** @param  array<string, Visit>  $visits  by id */
    public function __construct(DayClash $clash, private readonly array $visits)
    {
        parent::__construct($clash);
    }

    /** @return array<string, mixed> */
    public function toArray(?Request $request = null): array
    {
        $clash = $this->resource;
        $move = $clash->move;
        $visit = $move === null ? null : $this->visits[$move['visit']];

        return [
            'at' => CarbonImmutable::createFromTimestamp($clash->at)->toIso8601String(),
            'words' => Say::words(Fact::of(
                'times.clash',
                person: $clash->one->person,
                one: $this->what($clash->one),
                other: $this->what($clash->other),
            )),
            'mend' => $move === null || $visit === null
                ? Say::words(Fact::of('times.clash-hands'))
                : Say::words($move['minutes'] > 0
                ? Fact::of('times.clash-later', name: $visit->client->name, minutes: $move['minutes'])
                : Fact::of('times.clash-earlier', name: $visit->client->name, minutes: -$move['minutes'])),
            'visits' => [$clash->one->visit, $clash->other->visit],
            'move' => $move === null || $visit === null ? null : [
                'visit' => $visit->id,
                'version' => $visit->version,
                'startsAt' => $visit->starts_at->addMinutes($move['minutes'])
                    ->setTimezone($visit->colourist->salon->timezone)
                    ->format('Y-m-d\TH:i'),
            ],
        ];
    }

    private function what(InHand $hand): Fact
    {
        $name = $this->visits[$hand->visit]->client->name;

        return $hand->kind === ActKind::Rinse
            ? Fact::of('times.clash-rinse', name: $name, letters: $hand->letters)
            : Fact::of('times.clash-apply', name: $name, letters: $hand->letters);
    }
}
