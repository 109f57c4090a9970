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

/** What is on record about a client's skin, as the core's values; and the gate of a visit and of a bowl. */
final readonly class SafetyRows
{
    public function __construct(private BowlOrigins $origins, private ClockRows $clocks)
    {
    }

    /** @param  ?Visit  $except  whose own bowls do not count as an earlier service */
    public function client(Client $client, CarbonImmutable $now, ?Visit $except = null): ClientSafety
    {
        $notes = $client->contraindications;
        $cleared = $notes
            ->filter(fn (ContraindicationNote $note): bool => $note->lifted_at !== null && $note->kind->needsDoctor())
            ->max('lifted_at');
        $served = Visit::query()->where('client_id', $client->id)
            // What went on counts, also where nobody closed the visit.
            ->where(fn ($query) => $query->where('status', VisitStatus::Closed)->orWhereHas(
                'rounds.bowls.stamps',
                fn ($stamp) => $stamp->where('kind', StampKind::Began),
            ))
            ->when(
                $except !== null,
                fn ($query) => $query->where('id', '!=', $except?->id)->where('starts_at', '<', $except?->starts_at),
            )
            ->whereHas('rounds.bowls.colourLine', fn ($line) => $line->whereNotIn('kind', ['direct', 'care']))
            ->max('starts_at');

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
            is_string($served) ? self::second(CarbonImmutable::parse($served)) : null,
        );
    }

    /** What stands in the way of the visit as a whole: every bowl of it together. */
    public function gate(Visit $visit, CarbonImmutable $now): Gate
    {
        return $this->over($visit, $this->origins->all($visit), $now);
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
    private function over(Visit $visit, array $bowls, CarbonImmutable $now): Gate
    {
        return Gate::of(
            $this->client($visit->client, $now, $visit),
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

    private static function second(CarbonImmutable $moment): int
    {
        return (int) $moment->getTimestamp();
    }
}
