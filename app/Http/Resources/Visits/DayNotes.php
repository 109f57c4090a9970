<?php

declare(strict_types=1);

namespace App\Http\Resources\Visits;

use App\Enums\VisitStatus;
use App\Models\Client;
use App\Models\Salon;
use App\Models\SkinTest as SkinTestRow;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Core\Practice\Number;
use Core\Safety\SkinTest;
use Core\Timing\ActKind;
use Core\Timing\InHand;
use Illuminate\Database\Eloquent\Builder;

/**
 * What stands in a day besides its visits: skin tests, their readings, whom to ask how the colour wears, who is due
 * again.
 */
final readonly class DayNotes
{
    private const MOST = 60;

    /** @return list<array{at: string, day: string, kind: string, words: string, client: int}> by their moment */
    public function of(Salon $salon, CarbonImmutable $from, CarbonImmutable $to): array
    {
        $note = static fn (CarbonImmutable $at, string $kind, string $words, int $client): array => [
            'at' => $at->toIso8601String(),
            'day' => $at->setTimezone($salon->timezone)->toDateString(),
            'kind' => $kind,
            'words' => $words,
            'client' => $client,
        ];
        $notes = [];
        $hours = SkinTest::HOURS;
        $tests = SkinTestRow::query()
            ->with('client')
            ->whereHas('client', fn (Builder $client) => $client->where('salon_id', $salon->id))
            ->whereBetween('placed_at', [$from->subHours($hours), $to])->orderBy('placed_at')->limit(self::MOST)->get();
        foreach ($tests as $test) {
            $reading = $test->placed_at->addHours($hours);
            if ($test->placed_at->betweenIncluded($from, $to)) {
                $notes[] = $note($test->placed_at, 'test', $test->client->name, $test->client_id);
            }
            if ($test->result === null && $reading->betweenIncluded($from, $to)) {
                $notes[] = $note($reading, 'reading', $test->client->name, $test->client_id);
            }
        }
        $days = Number::FollowUpDays->whole();
        $closed = Visit::query()->with('client')->where('salon_id', $salon->id)->where('status', VisitStatus::Closed)
            ->whereHas('client', fn (Builder $client) => $client->where('training', false)->whereNull('practice_seed'))
            ->whereBetween('starts_at', [$from->subDays($days), $to->subDays($days)])
            ->orderBy('starts_at')
            ->limit(self::MOST)
            ->get();
        foreach ($closed as $visit) {
            $notes[] = $note($visit->starts_at->addDays($days), 'follow-up', $visit->client->name, $visit->client_id);
        }
        array_push($notes, ...$this->due($salon, $from, $to, $note));
        usort(
            $notes,
            static fn (array $one, array $other): int => [$one['at'], $one['words']] <=> [
                $other['at'],
                $other['words'],
            ],
        );

        return $notes;
    }

    /**
     * Said at a close to come again on that day, and not booked since.
     *
     * @param  callable(CarbonImmutable, string, string, int): array{at: string, day: string, kind: string, words: string, client: int}  $note
     * @return list<array{at: string, day: string, kind: string, words: string, client: int}>
     */
    private function due(Salon $salon, CarbonImmutable $from, CarbonImmutable $to, callable $note): array
    {
        $due = [];
        $said = Visit::query()->with('client')->where('salon_id', $salon->id)->where('status', VisitStatus::Closed)
            ->whereBetween(
                'next_on',
                [
                    $from->setTimezone($salon->timezone)->toDateString(),
                    $to->setTimezone($salon->timezone)->toDateString(),
                ],
            )
            ->whereNotExists(
                fn ($later) => $later->from('visits as later')
                    ->whereColumn('later.client_id', 'visits.client_id')
                    ->whereColumn('later.starts_at', '>', 'visits.starts_at'),
            )
            ->limit(self::MOST)->get();
        foreach ($said as $visit) {
            if ($visit->next_on !== null) {
                $at = CarbonImmutable::parse($visit->next_on->toDateString(), $salon->timezone)->setTime(12, 0)->utc();
                $due[] = $note($at, 'due', $visit->client->name, $visit->client_id);
            }
        }

        return $due;
    }

    /**
     * @param  list<InHand>  $hands
     * @return list<array{from: string, to: string, kind: string, letters: string, person: string}>
     */
    public static function busy(array $hands): array
    {
        return array_map(static fn (InHand $hand): array => [
            'from' => CarbonImmutable::createFromTimestamp($hand->from)->toIso8601String(),
            'to' => CarbonImmutable::createFromTimestamp($hand->to)->toIso8601String(),
            'kind' => $hand->kind === ActKind::Rinse ? 'rinse' : 'apply',
            'letters' => $hand->letters,
            'person' => $hand->person,
        ], $hands);
    }
}
