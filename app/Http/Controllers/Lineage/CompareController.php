<?php

declare(strict_types=1);

namespace App\Http\Controllers\Lineage;

use App\Formulas\CompareVisits;
use App\Http\Controllers\Controller;
use App\Http\Resources\Visits\TimesResource;
use App\Models\Bowl;
use App\Models\Visit;
use App\Words\Say;
use Core\Record\Row;
use Illuminate\Http\JsonResponse;

final class CompareController extends Controller
{
    public function visits(Visit $visit, Visit $other, CompareVisits $compare): JsonResponse
    {
        $this->authorize('view', $visit);
        $this->authorize('view', $other);
        [$before, $after] = $visit->starts_at <= $other->starts_at ? [$visit, $other] : [$other, $visit];

        return new JsonResponse([
            'before' => $this->head($before), 'after' => $this->head($after),
            'pairs' => array_map($this->pairJson(...), $compare->of($before, $after)),
        ]);
    }

    public function bowls(Bowl $bowl, Bowl $other, CompareVisits $compare): JsonResponse
    {
        $this->authorize('view', $bowl->round->visit);
        $this->authorize('view', $other->round->visit);

        return new JsonResponse([
            'before' => $this->head($bowl->round->visit), 'after' => $this->head($other->round->visit),
            'pairs' => [$this->pairJson($compare->pair($bowl, $other, $bowl->round->visit, $other->round->visit))],
        ]);
    }

    /** @return array<string, mixed> */
    private function head(Visit $visit): array
    {
        return [
            'id' => $visit->id,
            'on' => $visit->starts_at->toIso8601String(),
            'client' => $visit->client->name,
            'service' => $visit->service,
            'verdict' => $visit->verdict?->value,
            'outcome' => $visit->outcome,
            'keep' => $visit->keep,
            'change' => $visit->change,
            'times' => (new TimesResource($visit))->toArray(),
        ];
    }

    /**
     * @param  array{before: ?Bowl, after: ?Bowl, rows: list<Row>}  $pair
     * @return array<string, mixed>
     */
    private function pairJson(array $pair): array
    {
        return [
            'before' => $pair['before'] === null ? null : trim($pair['before']->letter),
            'after' => $pair['after'] === null ? null : trim($pair['after']->letter),
            'job' => $pair['after']->job ?? $pair['before']->job ?? '',
            'rows' => array_map(self::rowJson(...), $pair['rows']),
        ];
    }

    /** @return array<string, mixed> */
    private static function rowJson(Row $row): array
    {
        // Of the others a value may be what a person wrote.
        $named = in_array($row->what, ['Behaves as', 'Tone', 'Pigment'], true)
            ? ['before' => Say::name($row->before), 'after' => Say::name($row->after)]
            : [];

        return ['what' => Say::name($row->what)] + $named + $row->toArray();
    }
}
