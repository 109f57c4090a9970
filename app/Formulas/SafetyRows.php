<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Enums\VisitStatus;
use App\Models\Client;
use App\Models\ContraindicationNote;
use App\Models\SkinTest as SkinTestRow;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Core\Safety\ClientSafety;
use Core\Safety\Gate;
use Core\Safety\PlannedLine;
use Core\Safety\SkinTest;

/** What is on record about a client's skin, as the core's values; and the gate of a visit. */
final readonly class SafetyRows
{
    public function __construct(private VisitBowls $bowls)
    {
    }

    /** @param  ?Visit  $except  whose own bowls do not count as an earlier service */
    public function client(Client $client, CarbonImmutable $now, ?Visit $except = null): ClientSafety
    {
        $notes = $client->contraindications;
        $cleared = $notes->filter(fn (ContraindicationNote $note): bool => $note->lifted_at !== null && $note->kind->needsDoctor())->max('lifted_at');
        $served = Visit::query()->where('client_id', $client->id)->where('status', VisitStatus::Closed)
            ->when($except !== null, fn ($query) => $query->where('id', '!=', $except?->id)->where('starts_at', '<', $except?->starts_at))
            ->whereHas('rounds.bowls.colourLine', fn ($line) => $line->whereNotIn('kind', ['direct', 'care']))
            ->max('starts_at');

        return new ClientSafety(
            array_values($client->skinTests->map(fn (SkinTestRow $test): SkinTest => new SkinTest($test->lines, self::hour($test->placed_at), $test->read_at === null ? null : self::hour($test->read_at), $test->result))->all()),
            array_values($notes->filter(fn (ContraindicationNote $note): bool => $note->lifted_at === null)->map(fn (ContraindicationNote $note) => $note->kind)->all()),
            $client->born_on === null ? null : (int) $client->born_on->diffInYears($now),
            $cleared instanceof CarbonImmutable ? self::hour($cleared) : null,
            is_string($served) ? self::hour(CarbonImmutable::parse($served)) : null,
        );
    }

    public function gate(Visit $visit, CarbonImmutable $now): Gate
    {
        $lines = [];
        foreach ($this->bowls->placed($visit) as $bowl) {
            if ($bowl->line->kind->isOxidative()) {
                $lines[$bowl->line->id] = new PlannedLine($bowl->line->id, $bowl->line->name);
            }
        }
        // A training head has no skin to test.
        $planned = $visit->client->training ? [] : array_values($lines);

        return Gate::of($this->client($visit->client, $now, $visit), $planned, self::hour($now), $visit->colourist->salon->rules(), $visit->waivers->first()->reason ?? '');
    }

    private static function hour(CarbonImmutable $moment): int
    {
        return intdiv((int) $moment->getTimestamp(), 3600);
    }
}
