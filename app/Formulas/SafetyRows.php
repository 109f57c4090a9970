<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Enums\VisitStatus;
use App\Models\Batch;
use App\Models\Bowl;
use App\Models\Client;
use App\Models\ContraindicationNote;
use App\Models\SkinTest as SkinTestRow;
use App\Models\Visit;
use App\Models\Waiver;
use Carbon\CarbonImmutable;
use Core\Safety\BowlStanding;
use Core\Safety\ClientSafety;
use Core\Safety\Gate;
use Core\Safety\SignedWaiver;
use Core\Safety\SkinTest;
use Core\Timing\Stamp;
use Core\Timing\StampKind;
use Core\Weighing\BatchStatus;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/** What is on record about a client's skin, as the core's values; and the gate of a visit and of a bowl. */
final readonly class SafetyRows
{
    public function __construct(private BowlOrigins $origins, private ClockRows $clocks)
    {
    }

    /** @param  ?Visit  $except  whose own bowls do not count as an earlier service */
    public function client(Client $client, CarbonImmutable $now, ?Visit $except = null): ClientSafety
    {
        $served = self::serving(Visit::query()->where('client_id', $client->id))
            ->when(
                $except !== null,
                fn ($query) => $query->where('id', '!=', $except?->id)->where('starts_at', '<', $except?->starts_at),
            )
            ->max('starts_at');

        return self::read($client, $now, is_string($served) ? $served : null);
    }

    /**
     * The same before each of these visits, asked for at once.
     *
     * @param  Collection<int, Visit>  $visits
     * @return array<string, ClientSafety> by visit
     */
    public function clients(Collection $visits, CarbonImmutable $now): array
    {
        $served = self::serving(
            Visit::query()
                ->join('visits as coming', fn ($on) => $on->on('coming.client_id', '=', 'visits.client_id')
                    ->on('coming.id', '!=', 'visits.id')
                    ->on('visits.starts_at', '<', 'coming.starts_at'))
                ->whereIn('coming.id', $visits->modelKeys()),
        )->selectRaw('coming.id as visit, max(visits.starts_at) as served')->groupBy('coming.id')->toBase()->pluck('served', 'visit');
        $read = [];
        foreach ($visits as $visit) {
            $last = $served[$visit->id] ?? null;
            $read[$visit->id] = self::read($visit->client, $now, is_string($last) ? $last : null);
        }

        return $read;
    }

    /**
     * What stands in the way of the visit as a whole: every bowl of it together.
     *
     * @param  ?ClientSafety  $client  as it was read already
     */
    public function gate(Visit $visit, CarbonImmutable $now, ?ClientSafety $client = null): Gate
    {
        return $this->over($visit, $this->origins->all($visit), $now, $client);
    }

    /** @param  string  $more  id of a product that is about to go into the bowl too */
    public function gateOf(Bowl $bowl, Visit $visit, CarbonImmutable $now, string $more = ''): Gate
    {
        return $this->over($visit, [$this->origins->of($bowl, $visit, $more)], $now);
    }

    public function standing(Bowl $bowl, Visit $visit, CarbonImmutable $now): BowlStanding
    {
        $marks = array_map(
            fn (Stamp $stamp): StampKind => $stamp->kind,
            $this->clocks->clock($bowl, $visit, $now)->standing,
        );

        return new BowlStanding(
            $bowl->batches->contains(fn (Batch $batch): bool => $batch->status === BatchStatus::Finished),
            in_array(StampKind::Began, $marks, true),
            in_array(StampKind::SetAside, $marks, true),
        );
    }

    /** @param  list<\Core\Safety\BowlContents>  $bowls */
    private function over(Visit $visit, array $bowls, CarbonImmutable $now, ?ClientSafety $client = null): Gate
    {
        return Gate::of(
            $client ?? $this->client($visit->client, $now, $visit),
            // A practice head has no skin to test.
            $visit->client->training ? [] : $bowls,
            (int) $now->getTimestamp(),
            $visit->rules(),
            array_values($visit->waivers->map(fn (Waiver $waiver): SignedWaiver => new SignedWaiver(
                $waiver->lines ?? [],
                $waiver->reason,
            ))->all()),
        );
    }

    /**
     * Visits at which something was put on that needs a skin test: what went on counts, also where nobody closed it.
     *
     * @param  Builder<Visit>  $visits
     * @return Builder<Visit>
     */
    private static function serving(Builder $visits): Builder
    {
        return $visits->where(
            fn ($query) => $query->where('visits.status', VisitStatus::Closed)->orWhereHas(
                'rounds.bowls.stamps',
                fn ($stamp) => $stamp->where('kind', StampKind::Began),
            ),
        )->whereHas('rounds.bowls.colourLine', fn ($line) => $line->whereNotIn('kind', ['direct', 'care']));
    }

    private static function read(Client $client, CarbonImmutable $now, ?string $served): ClientSafety
    {
        $notes = $client->contraindications;
        $cleared = $notes
            ->filter(fn (ContraindicationNote $note): bool => $note->lifted_at !== null && $note->kind->needsDoctor())
            ->max('lifted_at');

        return new ClientSafety(
            array_values($client->skinTests->map(fn (SkinTestRow $test): SkinTest => new SkinTest(
                $test->lines,
                self::second($test->placed_at),
                $test->read_at === null ? null : self::second($test->read_at),
                $test->result,
            ))->all()),
            array_values(
                $notes->filter(fn (ContraindicationNote $note): bool => $note->lifted_at === null)
                    ->map(fn (ContraindicationNote $note) => $note->kind)
                    ->all(),
            ),
            $client->born_on === null ? null : (int) $client->born_on->diffInYears($now),
            $cleared instanceof CarbonImmutable ? self::second($cleared) : null,
            $served === null ? null : self::second(CarbonImmutable::parse($served)),
        );
    }

    private static function second(CarbonImmutable $moment): int
    {
        return (int) $moment->getTimestamp();
    }
}
