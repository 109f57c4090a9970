<?php

declare(strict_types=1);

namespace App\Messages;

use App\Enums\MessageMode;
use App\Enums\VisitStatus;
use App\Formulas\SafetyRows;
use App\Models\Client;
use App\Models\Message;
use App\Models\Salon;
use App\Models\SkinTest as SkinTestRow;
use App\Models\TeamMember;
use App\Models\Visit;
use App\Words\Say;
use Carbon\CarbonImmutable;
use Core\Practice\Number;
use Core\Safety\SkinTest;
use Core\Safety\SkinTestState;
use Core\Service\DueMessage;
use Core\Service\DueMessages;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Query\Builder as Query;

/**
 * What is due to a salon's clients, by its record: the visits ahead, the tests that wait, the visits of some weeks ago.
 */
final readonly class DueRows
{
    /** Further ahead nothing is due, whatever a house says. */
    public const MOST_DAYS = 30;

    public function __construct(private SafetyRows $safety)
    {
    }

    /** @return list<MessageToSend> the earliest due first */
    public function of(Salon $salon, CarbonImmutable $now): array
    {
        $house = new HouseMessages($salon);
        $due = new DueMessages((int) $now->getTimestamp(), $house->days());
        $found = [
            ...$this->coming($salon, $house, $due, $now),
            ...$this->tests($salon, $house, $due, $now),
            ...$this->closed($salon, $house, $due, $now),
        ];
        $rows = Message::query()
            ->where('salon_id', $salon->id)
            ->whereIn('about', array_map(static fn (MessageToSend $each): string => $each->due->about, $found))
            ->with('decider')->get()->keyBy(static fn (Message $row): string => "{$row->kind->value}/{$row->about}");
        $found = array_map(static fn (MessageToSend $each): MessageToSend => new MessageToSend(
            due: $each->due,
            client: $each->client,
            from: $each->from,
            visit: $each->visit,
            startsAt: $each->startsAt,
            subject: $each->subject,
            words: $each->words,
            row: $rows->get("{$each->due->kind->value}/{$each->due->about}"),
        ), $found);
        $found = array_values(
            array_filter(
                $found,
                static fn (MessageToSend $each): bool => $house->mode($each->due->kind) !== MessageMode::Off
                    || $each->row !== null,
            ),
        );
        usort(
            $found,
            static fn (MessageToSend $one, MessageToSend $other): int => [$one->due->due, $one->due->about] <=> [
                $other->due->due,
                $other->due->about,
            ],
        );

        return $found;
    }

    /** @return list<MessageToSend> */
    private function coming(Salon $salon, HouseMessages $house, DueMessages $due, CarbonImmutable $now): array
    {
        $visits = Visit::query()->where('salon_id', $salon->id)->where('status', VisitStatus::Expected)
            ->where('starts_at', '>', $now)->where('starts_at', '<', $now->addDays(self::MOST_DAYS))
            ->whereHas('client', self::somebody(...))
            ->with(
                [
                    'client.skinTests',
                    'client.contraindications',
                    'client.consents',
                    'colourist.salon',
                    'waivers',
                    'rounds.bowls.components',
                    'rounds.bowls.batches.pours',
                    'rounds.bowls.stamps',
                    'rounds.bowls.colourLine',
                ],
            )
            ->orderBy('starts_at')
            ->get();
        $found = [];
        // Whose time has not come is not asked about skin tests: that costs the most.
        $latest = $now->getTimestamp() + $due->firstNotice();
        $visits = $visits->filter(fn (Visit $visit): bool => $visit->starts_at->getTimestamp() <= $latest);
        $worst = $this->worst($visits, $now);
        foreach ($visits as $visit) {
            foreach (
                $due->ofComing(
                    $visit->id,
                    (string) $visit->client_id,
                    (int) $visit->starts_at->getTimestamp(),
                    $worst[$visit->id],
                ) as $each
            ) {
                $found[] = $this->worded(
                    salon: $salon,
                    house: $house,
                    due: $each,
                    client: $visit->client,
                    from: $visit->colourist,
                    visit: $visit,
                );
            }
        }

        return $found;
    }

    /** @return list<MessageToSend> */
    private function tests(Salon $salon, HouseMessages $house, DueMessages $due, CarbonImmutable $now): array
    {
        $tests = SkinTestRow::query()
            ->whereNull('result')
            ->where('placed_at', '>', $now->subDays(Number::ReadingPatience->whole() + 3))
            ->whereHas('client', fn (Builder $client) => self::somebody($client)->where('salon_id', $salon->id))
            ->with(['client.consents', 'placer'])
            ->get();
        $found = [];
        foreach ($tests as $test) {
            foreach (
                $due->ofTest(
                    $test->id,
                    (string) $test->client_id,
                    new SkinTest($test->lines, (int) $test->placed_at->getTimestamp()),
                ) as $each
            ) {
                $found[] = $this->worded(
                    salon: $salon,
                    house: $house,
                    due: $each,
                    client: $test->client,
                    from: $test->placer,
                    visit: null,
                );
            }
        }

        return $found;
    }

    /** @return list<MessageToSend> */
    private function closed(Salon $salon, HouseMessages $house, DueMessages $due, CarbonImmutable $now): array
    {
        // Of a large salon these are many, and few of them are asked about: which, says the database.
        $visits = Visit::query()->where('salon_id', $salon->id)->where('status', VisitStatus::Closed)
            ->where('starts_at', '>', $now->subDays(self::MOST_DAYS + Number::FollowUpPatience->whole()))
            ->whereBetween('closed_at', array_map(CarbonImmutable::createFromTimestampUTC(...), $due->askedAbout()))
            ->whereHas('client', self::somebody(...))
            ->whereNotExists(fn (Query $query) => $query->from('visits', 'later')
                ->whereColumn('later.client_id', 'visits.client_id')
                ->whereColumn('later.starts_at', '>', 'visits.starts_at')
                ->whereIn('later.status', [VisitStatus::Closed, VisitStatus::InChair]))
            ->with(['client.consents', 'colourist.salon'])->get();
        $found = [];
        foreach ($visits as $visit) {
            foreach (
                $due->ofClosed(
                    $visit->id,
                    (string) $visit->client_id,
                    (int) ($visit->closed_at ?? $visit->starts_at)->getTimestamp(),
                    null,
                ) as $each
            ) {
                $found[] = $this->worded(
                    salon: $salon,
                    house: $house,
                    due: $each,
                    client: $visit->client,
                    from: $visit->colourist,
                    visit: $visit,
                );
            }
        }

        return $found;
    }

    /**
     * Of what is planned; where nothing is yet, of what they had last time.
     *
     * @param  Collection<int, Visit>  $visits
     * @return array<string, SkinTestState> by visit
     */
    private function worst(Collection $visits, CarbonImmutable $now): array
    {
        $clients = $this->safety->clients($visits, $now);
        $states = [];
        foreach ($visits as $visit) {
            $states[$visit->id] = $this->safety->gate($visit, $now, $clients[$visit->id])->states;
        }
        $unplanned = $visits->filter(fn (Visit $visit): bool => $states[$visit->id] === []);
        foreach (Visit::beforeEach($unplanned, ['rounds.bowls.colourLine']) as $id => $last) {
            $lines = $last->rounds
                ->flatMap(fn ($round) => $round->bowls)
                ->map(fn ($bowl) => $bowl->colourLine)
                ->filter(fn ($line): bool => ! in_array($line->kind, ['direct', 'care'], true))->unique('id');
            foreach ($lines as $line) {
                $states[$id]["line-{$line->id}"] = $clients[$id]->stateFor(
                    "line-{$line->id}",
                    (int) $now->getTimestamp(),
                    $unplanned->firstOrFail('id', $id)->rules()->skinTestDays,
                );
            }
        }

        return array_map(static function (array $of): SkinTestState {
            usort($of, static fn (SkinTestState $one, SkinTestState $other): int => $one->rank() <=> $other->rank());

            return $of[0] ?? SkinTestState::Clear;
        }, $states);
    }

    private function worded(
        Salon $salon,
        HouseMessages $house,
        DueMessage $due,
        Client $client,
        TeamMember $from,
        ?Visit $visit,
    ): MessageToSend {
        $starts = $visit?->starts_at->setTimezone($salon->timezone);
        $first = explode(' ', trim($client->name))[0];
        $places = [
            ':first' => $first, ':name' => $client->name, ':salon' => $salon->name, ':colourist' => $from->name,
            ':service' => $visit->service ?? '', ':day' => $starts === null
                ? ''
                : Say::day($starts), ':time' => $starts?->format('H:i') ?? '',
        ];

        [$subject, $words] = $due->late
            ? HouseMessages::tooLate()
            : [$house->subject($due->kind), $house->words($due->kind)];

        return new MessageToSend(
            due: $due,
            client: $client,
            from: $from,
            visit: $visit?->id,
            startsAt: $visit?->starts_at,
            subject: strtr($subject, $places),
            words: strtr($words, $places),
            row: null,
        );
    }

    /**
     * @param  Builder<Client>  $client
     * @return Builder<Client> who can be written to: a person, here
     */
    private static function somebody(Builder $client): Builder
    {
        return $client->whereNull('erased_at')
            ->whereNull('merged_into_id')
            ->where('training', false)
            ->whereNull('practice_seed');
    }
}
