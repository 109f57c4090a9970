<?php

declare(strict_types=1);

namespace App\Http\Resources\Safety;

use App\Formulas\SafetyRows;
use App\Models\Client;
use App\Models\ColourLine;
use App\Models\ContraindicationNote;
use App\Models\SkinTest;
use App\Words\Say;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A client's skin on record: tests and their state by line, and what speaks against colouring.
 *
 * @property Client $resource
 */
final class SafetyResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(?Request $request = null): array
    {
        $client = $this->resource;
        $client->loadMissing(
            ['skinTests.placer', 'skinTests.reader', 'contraindications.noter', 'contraindications.lifter'],
        );
        $now = CarbonImmutable::now();
        $safety = resolve(SafetyRows::class)->client($client, $now);
        $lines = ColourLine::query()->where(
            'salon_id',
            $client->salon_id,
        )->whereNotIn('kind', ['direct', 'care'])->orderBy('name')->get();
        $rules = $lines->isEmpty()
            ? 7
            : \App\Models\Salon::query()->findOrFail($client->salon_id)->rules()->skinTestDays;
        $second = (int) $now->getTimestamp();

        return [
            'age' => $safety->age,
            'reaction' => $safety->hasReaction(),
            'readers' => Say::name(
                \App\Models\Salon::query()->findOrFail($client->salon_id)->rules()->testReaders->words(),
            ),
            'lines' => array_values($lines->map(function (ColourLine $line) use ($safety, $second, $rules): array {
                $state = $safety->stateFor("line-{$line->id}", $second, $rules);

                return [
                    'id' => "line-{$line->id}",
                    'name' => $line->name,
                    'state' => $state->value,
                    'words' => Say::name($state->words()),
                ];
            })->all()),
            'tests' => array_values($client->skinTests->map(fn (SkinTest $test): array => [
                'id' => $test->id,
                'lines' => array_values($lines->filter(fn (ColourLine $line): bool => in_array(
                    "line-{$line->id}",
                    $test->lines,
                    true,
                ))->map(fn (ColourLine $line): string => $line->name)->all()),
                'spot' => $test->spot,
                'placedAt' => $test->placed_at->toIso8601String(),
                'placedBy' => $test->placed_words === '' ? $test->placer->name : $test->placed_words,
                'recordedBy' => $test->placed_words === '' || $test->placed_words === $test->placer->name
                    ? null
                    : $test->placer->name,
                'readFrom' => $test->placed_at->addHours(\Core\Safety\SkinTest::HOURS)->toIso8601String(),
                'readAt' => $test->read_at?->toIso8601String(),
                'readBy' => $test->reader?->name,
                'result' => $test->result?->value,
                'note' => $test->note,
            ])->all()),
            'contraindications' => array_values($client->contraindications->map(fn (
                ContraindicationNote $note,
            ): array => [
                'id' => $note->id,
                'kind' => $note->kind->value,
                'words' => Say::words($note->kind->fact()),
                'mend' => Say::words($note->kind->mend()),
                'needsDoctor' => $note->kind->needsDoctor(),
                'note' => $note->note,
                'notedAt' => $note->noted_at->toIso8601String(),
                'notedBy' => $note->noter->name,
                'liftedAt' => $note->lifted_at?->toIso8601String(),
                'liftedBy' => $note->lifter?->name,
                'clearance' => $note->clearance,
            ])->all()),
        ];
    }
}
